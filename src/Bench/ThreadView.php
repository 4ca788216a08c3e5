<?php

declare(strict_types=1);

namespace KindHeel\App\Bench;

final readonly class ThreadView
{
    public function __construct(public string $start, public string $end, public string $title, public string $pieceName)
    {
    }
}

<?php

declare(strict_types=1);

namespace KindHeel\App\Bench;

final readonly class AgainView
{
    public function __construct(public int $id, public int $version, public string $title)
    {
    }
}

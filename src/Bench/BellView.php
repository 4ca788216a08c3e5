<?php

declare(strict_types=1);

namespace KindHeel\App\Bench;

/** Something to look at inside a wait. */
final readonly class BellView
{
    public function __construct(public string $at, public string $words)
    {
    }
}

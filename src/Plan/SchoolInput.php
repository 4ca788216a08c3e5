<?php

declare(strict_types=1);

namespace KindHeel\App\Plan;

/** The workshop takes a side, or goes case by case; `was` is what it took when this was decided. */
final readonly class SchoolInput
{
    public function __construct(public ?string $side = null, public ?string $was = null)
    {
    }
}

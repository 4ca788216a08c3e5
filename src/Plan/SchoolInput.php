<?php

declare(strict_types=1);

namespace KindHeel\App\Plan;

/** The workshop takes a side, or goes case by case. */
final readonly class SchoolInput
{
    public function __construct(public ?string $side = null)
    {
    }
}

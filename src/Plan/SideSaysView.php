<?php

declare(strict_types=1);

namespace KindHeel\App\Plan;

/** What a side of a school says, in a few words. */
final readonly class SideSaysView
{
    public function __construct(public string $id, public string $says)
    {
    }
}

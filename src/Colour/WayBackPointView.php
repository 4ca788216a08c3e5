<?php

declare(strict_types=1);

namespace KindHeel\App\Colour;

/** Where a darkened place is expected to be so many hours after it was laid: ΔE00 from before. */
final readonly class WayBackPointView
{
    public function __construct(public float $hours, public float $off)
    {
    }
}

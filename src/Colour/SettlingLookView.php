<?php

declare(strict_types=1);

namespace KindHeel\App\Colour;

/** What was read on the way back. */
final readonly class SettlingLookView
{
    /** @param float $off ΔE00 from before */
    public function __construct(public string $at, public float $hours, public float $off, public SeenView $seen)
    {
    }
}

<?php

declare(strict_types=1);

namespace KindHeel\Core\Colour;

/** The colour after one more coat. */
final readonly class CoatStep
{
    /**
     * @param float $change   ΔE00 to the colour before this coat
     * @param float $toOpaque ΔE00 to the opaque film of the pot
     */
    public function __construct(public int $coat, public Lab $lab, public float $change, public float $toOpaque)
    {
    }
}

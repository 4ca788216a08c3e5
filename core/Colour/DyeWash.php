<?php

declare(strict_types=1);

namespace KindHeel\Core\Colour;

/** One dye, let down so far, laid so often. */
final readonly class DyeWash
{
    public function __construct(public Dye $dye, public int $thinner, public int $coats)
    {
    }

    /** @param float $factor of the applicator */
    public function uptake(float $factor): float
    {
        return $factor * $this->coats * Uptake::strength($this->thinner);
    }
}

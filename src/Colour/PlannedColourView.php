<?php

declare(strict_types=1);

namespace KindHeel\App\Colour;

/** Parts on which a plan lays the same coats of a mixed colour: one pot can be for all of them. */
final readonly class PlannedColourView
{
    /** @param list<PotPartView> $places */
    public function __construct(public array $places, public string $words, public int $coats, public float $ml)
    {
    }
}

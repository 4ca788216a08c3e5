<?php

declare(strict_types=1);

namespace KindHeel\Core\Colour\Recipe;

/** Whole drops by corner, and how far the mix is from the target. */
final readonly class Tally
{
    /** @param array<int, int> $drops none of 0, by corner */
    public function __construct(public array $drops, public int $total, public float $near)
    {
    }
}

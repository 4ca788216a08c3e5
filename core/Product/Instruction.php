<?php

declare(strict_types=1);

namespace KindHeel\Core\Product;

/**
 * What to do in a few words, how, and the test that ends the wait; hand time in minutes.
 *
 * A step has a set-up (fetch, open, rinse, put away), and a part that grows with the area, less than in proportion: a large plain area takes longer strokes.
 */
final readonly class Instruction
{
    private const SMALL_DM2 = 2.0;
    private const GROWTH = 0.5;

    public function __construct(
        public string $title,
        public string $how,
        public ?string $gate,
        public float $minutes,
        public float $minutesPerDm2 = 0.0,
    ) {
    }

    /** Minutes by hand, the set-up and the work on so many dm²; what is said of a dm² holds for a small part. */
    public function forArea(float $dm2): float
    {
        return max(1.0, round($this->minutes + $this->minutesPerDm2 * self::SMALL_DM2 * ($dm2 / self::SMALL_DM2) ** self::GROWTH));
    }
}

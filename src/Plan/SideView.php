<?php

declare(strict_types=1);

namespace KindHeel\App\Plan;

/** One side of a school, and the plan that follows from it. */
final readonly class SideView
{
    /**
     * @param list<string> $only     what is done on this side alone
     * @param list<string> $products with their amounts
     * @param list<string> $risks    cautions and what the owner must be told on this side alone
     */
    public function __construct(
        public string $side,
        public string $says,
        /** it is the side of the plan as it stands */
        public bool $taken,
        public int $steps,
        public float $handsOnMinutes,
        public float $elapsedMinutes,
        public array $only,
        public array $products,
        public array $risks,
    ) {
    }
}

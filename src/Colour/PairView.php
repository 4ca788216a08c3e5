<?php

declare(strict_types=1);

namespace KindHeel\App\Colour;

/** Two readings beside each other. */
final readonly class PairView
{
    public function __construct(
        public int $one,
        public int $other,
        public string $what,
        public ?float $limit,
        public DifferenceView $difference,
        public string $verdict,
        public bool $near,
    ) {
    }
}

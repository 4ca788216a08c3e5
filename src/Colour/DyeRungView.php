<?php

declare(strict_types=1);

namespace KindHeel\App\Colour;

final readonly class DyeRungView
{
    /**
     * @param float $dE00 to the target
     */
    public function __construct(
        public int $thinner,
        public int $coats,
        public string $hex,
        public float $dE00,
    ) {
    }
}

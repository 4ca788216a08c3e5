<?php

declare(strict_types=1);

namespace KindHeel\App\Colour;

final readonly class CoatStepView
{
    public function __construct(
        public int $coat,
        public string $hex,
        public float $change,
        public float $toOpaque,
    ) {
    }
}

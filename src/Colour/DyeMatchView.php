<?php

declare(strict_types=1);

namespace KindHeel\App\Colour;

final readonly class DyeMatchView
{
    public function __construct(
        public string $sentence,
        public string $hex,
        public float $dE00,
    ) {
    }
}

<?php

declare(strict_types=1);

namespace KindHeel\App\Colour;

final readonly class DyeMatchView
{
    /** @param list<DyeWashView> $washes from light to deep */
    public function __construct(
        public array $washes,
        public string $sentence,
        public string $hex,
        public float $dE00,
    ) {
    }
}

<?php

declare(strict_types=1);

namespace KindHeel\App\Colour;

/** How well a paint explains its two draw-downs. */
final readonly class FitView
{
    public function __construct(
        public float $overWhite,
        public float $overBlack,
        public int $hidden,
        public string $sentence,
        public bool $good,
        public SeenView $masstone,
    ) {
    }
}

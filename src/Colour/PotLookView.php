<?php

declare(strict_types=1);

namespace KindHeel\App\Colour;

/** How what is in a pot looks as its drops say, beside its aim under each light. */
final readonly class PotLookView
{
    public function __construct(
        public SeenView $seen,
        public DifferenceView $off,
        /** ΔE00 by day, under the lamp, under the tube */
        public float $day,
        public float $lamp,
        public float $tube,
        public string $lights,
    ) {
    }
}

<?php

declare(strict_types=1);

namespace KindHeel\App\Colour;

final readonly class PictureColourView
{
    public function __construct(
        public LabView $lab,
        public string $hex,
        public float $doubt,
        public string $sentence,
    ) {
    }
}

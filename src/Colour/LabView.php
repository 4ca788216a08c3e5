<?php

declare(strict_types=1);

namespace KindHeel\App\Colour;

use KindHeel\Core\Colour\Lab;

final readonly class LabView
{
    public function __construct(
        public float $l,
        public float $a,
        public float $b,
    ) {
    }

    public static function of(Lab $lab): self
    {
        return new self(round($lab->lightness, 2), round($lab->a, 2), round($lab->b, 2));
    }
}

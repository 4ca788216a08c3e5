<?php

declare(strict_types=1);

namespace KindHeel\App\Colour;

use KindHeel\App\Shelf\ProductKind;

final readonly class ProductView
{
    public function __construct(
        public int $id,
        public string $code,
        public string $name,
        public ProductKind $kind,
        public LabView $lab,
        public string $hex,
        public string $tint,
        public string $undertone,
        public float $cover,
        public float $leftMl,
        public ?int $centsPer100Ml,
        public ?string $diluent,
        public string $origin,
        public bool $madeUp,
    ) {
    }
}

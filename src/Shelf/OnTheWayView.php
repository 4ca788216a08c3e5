<?php

declare(strict_types=1);

namespace KindHeel\App\Shelf;

use KindHeel\Core\Product\Unit;

final readonly class OnTheWayView
{
    public function __construct(
        public int $id,
        public int $product,
        public string $name,
        public string $supplier,
        public int $packs,
        public float $pack,
        public Unit $unit,
        public string $orderedAt,
        public string $orderedBy,
        /** the day on which it should be here */
        public string $expectedAt,
        public bool $late,
    ) {
    }
}

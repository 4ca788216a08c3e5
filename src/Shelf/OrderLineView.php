<?php

declare(strict_types=1);

namespace KindHeel\App\Shelf;

use KindHeel\Core\Product\Unit;

final readonly class OrderLineView
{
    public function __construct(
        public int $product,
        public string $name,
        public string $supplier,
        public int $packs,
        public float $pack,
        public Unit $unit,
        public ?int $cents,
        public int $leadDays,
        public float $left,
        public float $reserved,
        public string $why,
    ) {
    }
}

<?php

declare(strict_types=1);

namespace KindHeel\App\Shelf;

use KindHeel\Core\Product\Unit;

final readonly class LotView
{
    public function __construct(
        public int $id,
        public int $product,
        public string $name,
        public Unit $unit,
        public float $amount,
        public float $left,
        public string $boughtAt,
        public ?string $openedAt,
        public ?string $emptiedAt,
        /** until when it keeps; null where it is not open */
        public ?string $goodUntil,
        public bool $old,
        public string $place,
        /** the maker’s number on it */
        public string $batch,
        public ?int $cents,
    ) {
    }
}

<?php

declare(strict_types=1);

namespace KindHeel\App\Shelf;

use KindHeel\Core\Product\FamilyId;
use KindHeel\Core\Product\Phase;
use KindHeel\Core\Product\Unit;

/** A product as it stands on the shelf. */
final readonly class ProductRowView
{
    public function __construct(
        public int $id,
        public string $name,
        public ?FamilyId $family,
        /** the stretch of the work that it is for; null for what is of no family */
        public ?Phase $phase,
        public ProductKind $kind,
        /** of a colour, or of its shade; null for what has none */
        public ?string $hex,
        public Unit $unit,
        public float $pack,
        public float $left,
        /** spoken for by plans */
        public float $reserved,
        public int $lots,
        public StockState $state,
        /** what is to be known of it, in a sentence; null where all is well */
        public ?string $says,
        /** packs to order */
        public int $order,
        /** packs on their way */
        public int $ordered,
        public string $supplier,
        public bool $retired,
    ) {
    }
}

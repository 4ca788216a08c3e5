<?php

declare(strict_types=1);

namespace KindHeel\App\Shelf;

use KindHeel\Core\Colour\Shade;
use KindHeel\Core\Product\FamilyId;
use KindHeel\Core\Product\Unit;

/** One product with its lots, what was taken of it, and what is known of it. */
final readonly class ProductSheetView
{
    /**
     * @param list<LotView>  $lots  those that are not empty first, the one to be taken from at the front
     * @param list<MoveView> $moves the newest first
     */
    public function __construct(
        public int $id,
        public int $version,
        public string $name,
        public ProductKind $kind,
        public ?FamilyId $family,
        public ?Shade $shade,
        public Unit $unit,
        public float $pack,
        public ?int $packCents,
        public string $supplier,
        public int $leadDays,
        public float $densityGPerMl,
        public ?float $emptyPackG,
        public ?float $water,
        public string $notOn,
        /** its own; null: as its family keeps */
        public ?int $openedMonths,
        /** as it is reckoned with */
        public int $keepsMonths,
        public bool $hasSheet,
        public bool $retired,
        public float $left,
        public float $reserved,
        public float $perMonth,
        public float $usualJob,
        /** it is ordered when less than this is free */
        public float $orderBelow,
        public int $order,
        public ?string $says,
        public array $lots,
        public array $moves,
    ) {
    }
}

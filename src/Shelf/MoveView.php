<?php

declare(strict_types=1);

namespace KindHeel\App\Shelf;

use KindHeel\Core\Product\Unit;

final readonly class MoveView
{
    public function __construct(
        public int $id,
        public LotMoveKind $kind,
        /** below 0 what was taken */
        public float $amount,
        public Unit $unit,
        public string $at,
        public ?string $by,
        public ?int $lot,
        public int $product,
        public string $productName,
        public ?int $piece,
        public ?string $pieceName,
        public ?int $step,
        /** the step or the pot it went into */
        public string $what,
        public string $note,
    ) {
    }
}

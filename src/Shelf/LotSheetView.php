<?php

declare(strict_types=1);

namespace KindHeel\App\Shelf;

/** A lot and where it went: “which pieces got this lot?” */
final readonly class LotSheetView
{
    /** @param list<MoveView> $moves the newest first */
    public function __construct(public LotView $lot, public array $moves)
    {
    }
}

<?php

declare(strict_types=1);

namespace KindHeel\App\Shelf;

/** Every lot that stands on the shelf, place by place. */
final readonly class LotsView
{
    /** @param list<LotView> $lots */
    public function __construct(public array $lots)
    {
    }
}

<?php

declare(strict_types=1);

namespace KindHeel\App\Shelf;

/** Everything on the shelf. */
final readonly class ShelfView
{
    /**
     * @param list<ProductRowView> $products
     * @param list<string>         $suppliers that are known
     */
    public function __construct(public array $products, public int $toOrder, public array $suppliers)
    {
    }
}

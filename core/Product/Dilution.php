<?php

declare(strict_types=1);

namespace KindHeel\Core\Product;

/** Parts of product to parts of water (Q-3). */
final readonly class Dilution
{
    public function __construct(public int $product, public int $water)
    {
    }

    /** Product in so much of the mix, in the same unit. */
    public function of(float $total): float
    {
        return $total * $this->product / ($this->product + $this->water);
    }
}

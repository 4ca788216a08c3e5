<?php

declare(strict_types=1);

namespace KindHeel\Core\Quantity;

/** How much of each goes into a bucket, in one unit. */
final readonly class Mix
{
    public function __construct(public float $product, public float $water)
    {
    }

    public function total(): float
    {
        return $this->product + $this->water;
    }
}

<?php

declare(strict_types=1);

namespace KindHeel\Core\Quantity;

/** Parts of product to parts of water (Q-3). */
final readonly class Dilution
{
    public function __construct(public float $product, public float $water)
    {
    }

    /** @return Mix of so much in all */
    public function total(float $total): Mix
    {
        $product = $total * $this->product / ($this->product + $this->water);

        return new Mix($product, $total - $product);
    }

    /** @return Mix from so much product */
    public function product(float $product): Mix
    {
        return new Mix($product, $product * $this->water / $this->product);
    }

    /** @return Mix into so much water */
    public function water(float $water): Mix
    {
        return new Mix($water * $this->product / $this->water, $water);
    }
}

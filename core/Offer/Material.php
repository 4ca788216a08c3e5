<?php

declare(strict_types=1);

namespace KindHeel\Core\Offer;

use Brick\Math\BigDecimal;

/** A product that is used up, by the share of a pack that it takes. */
final readonly class Material
{
    /** @param BigDecimal $amount in the unit of the pack */
    public function __construct(public string $what, public BigDecimal $amount, public BigDecimal $pack, public BigDecimal $packPrice)
    {
    }

    public function price(Terms $terms): BigDecimal
    {
        return Money::share(
            $this->amount->multipliedBy($terms->waste->plus(1))->multipliedBy($this->packPrice)->multipliedBy($terms->markup->plus(1)),
            $this->pack,
        );
    }
}

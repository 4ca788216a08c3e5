<?php

declare(strict_types=1);

namespace KindHeel\Core\Offer;

use Brick\Math\BigDecimal;

/** What a workshop reckons with beside its rates: shares of 1 and sums. */
final readonly class Terms
{
    /**
     * @param BigDecimal $markup      on materials
     * @param BigDecimal $waste       of materials, on top of what is laid
     * @param BigDecimal $overhead    on labour
     * @param BigDecimal $consumables a job: cloths, tape, gloves
     * @param BigDecimal $minimum     of a job before rush and tax
     * @param BigDecimal $rush        on all of it
     * @param BigDecimal $roundTo     what the owner pays is a multiple of; 0 for to the cent
     * @param BigDecimal $correlation how much the minutes of a job are long or short together, 0 to 1
     */
    public function __construct(
        public BigDecimal $markup,
        public BigDecimal $waste,
        public BigDecimal $overhead,
        public BigDecimal $consumables,
        public BigDecimal $minimum,
        public BigDecimal $rush,
        public BigDecimal $tax,
        public BigDecimal $roundTo,
        public BigDecimal $correlation,
    ) {
    }
}

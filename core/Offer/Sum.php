<?php

declare(strict_types=1);

namespace KindHeel\Core\Offer;

use Brick\Math\BigDecimal;

/** One way through the arithmetic of a price, with all minutes scaled alike. */
final readonly class Sum
{
    /**
     * @param list<BigDecimal> $labour    price of each line
     * @param list<BigDecimal> $materials price of each line
     */
    private function __construct(
        public array $labour,
        public array $materials,
        public BigDecimal $overhead,
        public BigDecimal $rush,
        public BigDecimal $net,
        public BigDecimal $tax,
        public BigDecimal $rounding,
        public BigDecimal $gross,
    ) {
    }

    /**
     * @param list<Labour>   $labour
     * @param list<Material> $materials
     */
    public static function of(array $labour, array $materials, Terms $terms, BigDecimal $scale): self
    {
        $labourPrices = array_map(static fn (Labour $l): BigDecimal => $l->price($scale), $labour);
        $materialPrices = array_map(static fn (Material $m): BigDecimal => $m->price($terms), $materials);
        $work = BigDecimal::sum(Money::nothing(), ...$labourPrices);
        $stuff = BigDecimal::sum($terms->consumables, ...$materialPrices);
        $overhead = Money::cents($work->multipliedBy($terms->overhead));
        $before = BigDecimal::max($work->plus($stuff)->plus($overhead), $terms->minimum);
        $rush = Money::cents($before->multipliedBy($terms->rush));
        $net = Money::cents($before->plus($rush));
        $tax = Money::cents($net->multipliedBy($terms->tax));
        $exact = $net->plus($tax);
        $gross = Money::up($exact, $terms->roundTo);

        return new self($labourPrices, $materialPrices, $overhead, $rush, $net, $tax, Money::cents($gross->minus($exact)), Money::cents($gross));
    }
}

<?php

declare(strict_types=1);

namespace KindHeel\Core\Care;

use KindHeel\Core\Anatomy\Cut;
use KindHeel\Core\Anatomy\Kind;
use KindHeel\Core\Product\Family;
use KindHeel\Core\Quantity\Need;

/** What a year of care takes: minutes of the owner's own and of the shop's, and how much of which product. */
final readonly class CareYear
{
    /**
     * @param float                $ownMinutes  of the owner
     * @param float                $shopMinutes of the shop
     * @param array<string, float> $amounts     by family of product, in its unit
     */
    private function __construct(public float $ownMinutes, public float $shopMinutes, public array $amounts)
    {
    }

    /** @param list<CareDue> $due */
    public static function of(Kind $kind, array $due): self
    {
        $own = $shop = 0.0;
        $amounts = [];
        $area = Cut::areaDm2($kind) * \count($kind->halves());
        foreach ($due as $care) {
            $times = $care->timesAYear();
            if ($care->kind->isTheShops()) {
                $shop += $times * $care->kind->minutes();
                continue;
            }
            $own += $times * $care->kind->minutes();
            foreach ($care->kind->takes() as [$product, $with]) {
                $need = Need::of($area, Family::of($product)->usePerM2, 1, $with->transfer());
                $amounts[$product->value] = ($amounts[$product->value] ?? 0.0) + $times * $need->amount();
            }
        }

        return new self($own, $shop, $amounts);
    }

    /**
     * @param array<string, float> $prices of a unit, in hundredths, by family
     *
     * @return float|null in hundredths; null where a price is not known
     */
    public function materials(array $prices): ?float
    {
        $cents = 0.0;
        foreach ($this->amounts as $family => $amount) {
            if (!isset($prices[$family])) {
                return null;
            }
            $cents += $amount * $prices[$family];
        }

        return $cents;
    }
}

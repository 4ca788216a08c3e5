<?php

declare(strict_types=1);

namespace KindHeel\Core\Product;

/** How much of a product a coat takes (Q-2). */
final readonly class Amount
{
    private function __construct(public float $quantity, public Unit $unit)
    {
    }

    /** Area × use per coat ÷ transfer, rounded up to a tenth; null for what is not used up. */
    public static function forCoat(Family $family, float $areaDm2, Applicator $applicator): ?self
    {
        $quantity = $areaDm2 / 100.0 * $family->usePerM2 / $applicator->transfer();

        return $quantity > 0.0 ? new self(ceil(round($quantity * 10.0, 6)) / 10.0, $family->unit) : null;
    }
}

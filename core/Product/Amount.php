<?php

declare(strict_types=1);

namespace KindHeel\Core\Product;

/** How much of a product a coat takes (Q-2). */
final readonly class Amount
{
    private const LAYER_ML_PER_M2 = 500.0;

    private function __construct(public float $quantity, public Unit $unit)
    {
    }

    /** Area × use per coat ÷ transfer, rounded up to a tenth; null for what is not used up. Filler goes by its volume: half a millimetre a layer. */
    public static function forCoat(Family $family, float $areaDm2, Applicator $applicator): ?self
    {
        $perM2 = $family->does(Effect::Fills) && 0.0 === $family->usePerM2 ? self::LAYER_ML_PER_M2 : $family->usePerM2;
        $quantity = $areaDm2 / 100.0 * $perM2 / $applicator->transfer();

        return $quantity > 0.0 ? new self(ceil(round($quantity * 10.0, 6)) / 10.0, $family->unit) : null;
    }
}

<?php

declare(strict_types=1);

namespace KindHeel\Core\Product;

use KindHeel\Core\Quantity\Need;
use KindHeel\Core\Quantity\RoundUp;
use KindHeel\Core\Text\Message;
use KindHeel\Core\Text\Phrase;

/** How much of a product a coat takes (Q-2). */
final readonly class Amount
{
    private const LAYER_ML_PER_M2 = 500.0;

    private function __construct(public float $quantity, public Unit $unit)
    {
    }

    /** As a person would say it: a few drops, a fingertip, 12 ml. */
    public static function told(float $quantity, string $unit): string
    {
        return match (true) {
            Unit::Millilitre->value === $unit && $quantity < 0.5 => Message::of('%d drops', max(2, (int) round($quantity / Need::DROP_ML))),
            Unit::Gram->value === $unit && $quantity < 0.5 => Message::of('a fingertip'),
            default => Phrase::figure($quantity).' '.$unit,
        };
    }

    /** Area × use per coat ÷ transfer, rounded up to a tenth; null for what is not used up. Filler goes by its volume: half a millimetre a layer. */
    public static function forCoat(Family $family, float $areaDm2, Applicator $applicator): ?self
    {
        $perM2 = $family->does(Effect::Fills) && 0.0 === $family->usePerM2 ? self::LAYER_ML_PER_M2 : $family->usePerM2;

        return $perM2 > 0.0 && $areaDm2 > 0.0
            ? new self(RoundUp::tenth(Need::of($areaDm2, $perM2, 1, $applicator->transfer())->amount()), $family->unit)
            : null;
    }
}

<?php

declare(strict_types=1);

namespace KindHeel\Core\Colour;

use KindHeel\Core\Product\Applicator;
use KindHeel\Core\Text\Message;

/**
 * How much of a dye leather takes up, in unit coats: a full-strength coat of a sponge or dauber is one, a cloth lays less, an airbrush least. Real swatches
 * teach the factor of an applicator.
 */
final class Uptake
{
    /** A swatch counts as much as what was taken for granted; more of them outweigh it. */
    private const GRANTED_WEIGHT = 1.0;

    public static function usual(Applicator $applicator): float
    {
        return match ($applicator) {
            Applicator::Sponge, Applicator::Dauber, Applicator::Brush => 1.0,
            Applicator::Cloth, Applicator::Fingers, Applicator::Pad => 0.75,
            Applicator::Airbrush, Applicator::SprayCan => 0.5,
            default => 0.9,
        };
    }

    /**
     * One part dye in so many parts of its own thinner.
     *
     * @param int $thinner parts: 0 is full strength
     */
    public static function strength(int $thinner): float
    {
        return 1.0 / (1.0 + $thinner);
    }

    /**
     * The uptake that explains a dyed swatch best: least squares of what was added to K/S, each band by its own size.
     *
     * @throws ColourError when the swatch is paler than its leather
     */
    public static function of(Dye $dye, Spectrum $leather, Spectrum $dyed): float
    {
        $before = Saunderson::inside($leather->onGrid()->values);
        $above = $below = 0.0;
        foreach (Saunderson::inside($dyed->onGrid()->values) as $i => $r) {
            $q = self::q($r);
            $weight = 1.0 / (0.05 + $q) ** 2;
            $above += $weight * $dye->k[$i] * ($q - self::q($before[$i]));
            $below += $weight * $dye->k[$i] ** 2;
        }
        $uptake = $below > 0.0 ? $above / $below : 0.0;
        if ($uptake <= 0.0) {
            throw new ColourError(Message::of('The dyed swatch is no deeper than its leather: dye only adds.'));
        }

        return $uptake;
    }

    /**
     * The factor of an applicator after what swatches taught.
     *
     * @param list<float> $factors uptake ÷ (coats × strength) of each swatch
     */
    public static function learned(Applicator $applicator, array $factors): float
    {
        $sum = self::GRANTED_WEIGHT * log(self::usual($applicator));
        foreach ($factors as $factor) {
            $sum += log(max(0.01, $factor));
        }

        return exp($sum / (self::GRANTED_WEIGHT + \count($factors)));
    }

    private static function q(float $r): float
    {
        $r = max(1e-4, $r);

        return (1.0 - $r) ** 2 / (2.0 * $r);
    }
}

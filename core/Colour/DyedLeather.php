<?php

declare(strict_types=1);

namespace KindHeel\Core\Colour;

/**
 * Leather under layers of dye, by one-constant theory (Kubelka–Munk): q = K/S of the leather plus what the dyes add. Dye only adds.
 */
final class DyedLeather
{
    /**
     * @param list<array{Dye, float}> $layers each with its uptake in unit coats
     *
     * @return list<float> internal reflectance
     */
    public static function inside(Spectrum $leather, array $layers): array
    {
        $out = [];
        foreach (Saunderson::inside($leather->onGrid()->values) as $i => $r) {
            $added = 0.0;
            foreach ($layers as [$dye, $uptake]) {
                $added += $uptake * $dye->k[$i];
            }
            if (0.0 === $added || 0.0 === $r) {
                $out[] = $r;

                continue;
            }
            $q = (1.0 - $r) ** 2 / (2.0 * $r) + $added;
            // 1 + q − √(q² + 2q) without the cancellation
            $out[] = 1.0 / (1.0 + $q + sqrt($q * $q + 2.0 * $q));
        }

        return $out;
    }

    /** @param list<array{Dye, float}> $layers */
    public static function look(Spectrum $leather, array $layers): Spectrum
    {
        return Spectrum::grid(Saunderson::measured(self::inside($leather, $layers)));
    }
}

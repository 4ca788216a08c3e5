<?php

declare(strict_types=1);

namespace KindHeel\Core\Colour;

/**
 * A film of paint over a ground (Kubelka and Munk 1931, Kubelka 1948), in internal reflectance, band by band.
 *
 * The closed form R = (1 − Rg(a − b·coth bSX)) / (a − Rg + b·coth bSX) is multiplied through by S: with A = S + K, B = √(K² + 2KS), W = B·coth(B·X) it reads
 * R = (S − Rg(A − W)) / (A − S·Rg + W), which holds for S = 0 and K = 0 as well and, with A − B = S²/(A + B), loses no digits in thick films.
 */
final class Film
{
    /** Where B·X is smaller, W is 1/X to double precision. */
    private const FLAT = 1e-5;

    /**
     * @param array<int, float> $k      of the pot
     * @param array<int, float> $s
     * @param list<float>|null  $ground internal reflectance; null for an opaque film
     * @param float|null        $x      thickness in coats of 20 µm dry; null for an opaque film
     *
     * @return list<float> internal reflectance
     */
    public static function reflectance(array $k, array $s, ?array $ground, ?float $x): array
    {
        $out = [];
        if (null === $x || null === $ground) {
            foreach ($k as $i => $ki) {
                $a = $s[$i] + $ki;
                $out[] = 0.0 === $s[$i] ? 0.0 : $s[$i] / ($a + sqrt($ki * ($ki + 2.0 * $s[$i])));
            }

            return $out;
        }
        if ($x <= 0.0) {
            return $ground;
        }
        foreach ($k as $i => $ki) {
            $si = $s[$i];
            $g = $ground[$i];
            $b = sqrt($ki * ($ki + 2.0 * $si));
            $a = $si + $ki;
            if ($b * $x < self::FLAT) {
                // B(coth u − 1) with coth u ≈ 1/u + u/3
                $rest = 1.0 / $x + $b * ($b * $x / 3.0 - 1.0);
            } else {
                $t = exp(-2.0 * $b * $x);
                $rest = -2.0 * $b * $t / expm1(-2.0 * $b * $x);
            }
            $deep = $a + $b > 0.0 ? $si / ($a + $b) : 0.0;
            $out[] = ($si * (1.0 - $g * $deep) + $g * $rest) / ($a - $g * $si + $b + $rest);
        }

        return $out;
    }

    /** The grey whose film over black and over white tells a pot's cover: measured reflectance of the white. */
    private const WHITE = 0.80;

    /**
     * Luminance over black ÷ luminance over a white of 0.80: 1 covers, 0 is clear.
     *
     * @param list<float> $k
     * @param list<float> $s
     */
    public static function contrastRatio(array $k, array $s, ?float $x, Light $light): float
    {
        if (null === $x) {
            return 1.0;
        }
        $luminance = static function (float $under) use ($k, $s, $x, $light): float {
            $ground = Saunderson::inside(array_fill(0, Spectrum::BANDS, $under));
            $sum = 0.0;
            foreach (Saunderson::measured(self::reflectance($k, $s, $ground, $x)) as $i => $r) {
                $sum += $light->y[$i] * $r;
            }

            return $sum;
        };
        $white = $luminance(self::WHITE);

        return $white > 0.0 ? $luminance(0.0) / $white : 1.0;
    }
}

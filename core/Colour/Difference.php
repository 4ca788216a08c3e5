<?php

declare(strict_types=1);

namespace KindHeel\Core\Colour;

/**
 * How two colours differ, from the first to the second.
 *
 * `dE00` is CIEDE2000 with kL = kC = kH = 1 (Sharma, Wu, Dalal 2005); the other four are CIE 1976 and carry no weights. dH has the sign of the turn.
 */
final readonly class Difference
{
    /** Hues nearer to opposite than this many degrees count as exactly opposite, so that rounding cannot flip the case. */
    private const SLACK_DEGREES = 1e-9;
    private const POW25_7 = 6103515625.0;

    private function __construct(public float $dE00, public float $dE76, public float $dL, public float $dC, public float $dH)
    {
    }

    public static function between(Lab $a, Lab $b): self
    {
        $dL = $b->lightness - $a->lightness;
        $dC = $b->chroma() - $a->chroma();
        $square = ($b->a - $a->a) ** 2 + ($b->b - $a->b) ** 2;
        $dH = sqrt(max(0.0, $square - $dC ** 2));

        return new self(self::ciede2000($a, $b), sqrt($square + $dL ** 2), $dL, $dC, $a->a * $b->b - $a->b * $b->a < 0.0 ? -$dH : $dH);
    }

    public static function ciede2000(Lab $a, Lab $b): float
    {
        [$l, $c, $h] = self::parts($a->lightness, $a->a, $a->b, $b->lightness, $b->a, $b->b);

        return sqrt($l * $l + $c * $c + $h * $h);
    }

    /**
     * Three numbers whose squares add up to ΔE00²: lightness, chroma (with half of the rotation term in it) and what is left of hue.
     *
     * With RT the rotation term, C² + H² + RT·C·H = (C + RT·H/2)² + (1 − RT²/4)·H².
     *
     * @return array{float, float, float}
     */
    public static function parts(float $l1, float $a1, float $b1, float $l2, float $a2, float $b2): array
    {
        $mean7 = ((sqrt($a1 * $a1 + $b1 * $b1) + sqrt($a2 * $a2 + $b2 * $b2)) / 2.0) ** 7;
        $g = 1.5 - 0.5 * sqrt($mean7 / ($mean7 + self::POW25_7));
        $ap1 = $g * $a1;
        $ap2 = $g * $a2;
        $c1 = sqrt($ap1 * $ap1 + $b1 * $b1);
        $c2 = sqrt($ap2 * $ap2 + $b2 * $b2);
        $h1 = 0.0 === $c1 ? 0.0 : rad2deg(atan2($b1, $ap1));
        $h2 = 0.0 === $c2 ? 0.0 : rad2deg(atan2($b2, $ap2));
        $h1 = $h1 < 0.0 ? $h1 + 360.0 : $h1;
        $h2 = $h2 < 0.0 ? $h2 + 360.0 : $h2;
        $turn = 0.0;
        $hue = $h1 + $h2;
        if (0.0 !== $c1 * $c2) {
            $turn = $h2 - $h1;
            if (abs($turn) <= 180.0 + self::SLACK_DEGREES) {
                $hue /= 2.0;
            } else {
                $turn += $turn > 0.0 ? -360.0 : 360.0;
                $hue = ($hue < 360.0 ? $hue + 360.0 : $hue - 360.0) / 2.0;
            }
        }
        $t = 1.0 -
            0.17 * cos(deg2rad($hue - 30.0)) +
            0.24 * cos(deg2rad(2.0 * $hue)) +
            0.32 * cos(deg2rad(3.0 * $hue + 6.0)) -
            0.2 * cos(deg2rad(4.0 * $hue - 63.0));
        $chroma = ($c1 + $c2) / 2.0;
        $chroma7 = $chroma ** 7;
        $rt = -2.0 * sqrt($chroma7 / ($chroma7 + self::POW25_7)) * sin(deg2rad(60.0 * exp(-(($hue - 275.0) / 25.0) ** 2)));
        $l50 = (($l1 + $l2) / 2.0 - 50.0) ** 2;
        $l = ($l2 - $l1) / (1.0 + 0.015 * $l50 / sqrt(20.0 + $l50));
        $c = ($c2 - $c1) / (1.0 + 0.045 * $chroma);
        $h = 2.0 * sqrt($c1 * $c2) * sin(deg2rad($turn / 2.0)) / (1.0 + 0.015 * $chroma * $t);

        return [$l, $c + $rt * $h / 2.0, sqrt(1.0 - $rt * $rt / 4.0) * $h];
    }
}

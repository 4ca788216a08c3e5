<?php

declare(strict_types=1);

namespace KindHeel\Core\Colour;

use KindHeel\Core\Text\Message;

/**
 * A paint known from two draw-downs of one thickness, over a white and over a black that were read bare.
 *
 * With c = b·coth(bSX) the film formula reads R·(a − Rg + c) = 1 − Rg·(a − c), linear in a and c:
 * a·(R + Rg) + c·(R − Rg) = 1 + R·Rg. The two grounds give both, then b = √(a² − 1), SX = arcoth(c/b)/b and K = S·(a − 1) (Kubelka 1948, all internal).
 */
final readonly class DrawDowns
{
    /** A film that lets less than this share of the grounds' contrast through hides: the rest is the reader's noise. */
    private const HIDES = 5e-4;
    private const LEAST_R = 1e-4;
    /** With more bands hidden than these, the strength of the paint is a guess. */
    private const MANY_HIDDEN = 10;

    private function __construct(public Paint $paint, public float $overWhite, public float $overBlack, public int $hidden)
    {
    }

    /**
     * @param float $thickness of the dry film in coats of 20 µm
     *
     * @return self with the paint, the ΔE00 by which its model misses each draw-down, and the bands in which it hid both grounds
     *
     * @throws ColourError when the grounds are not white and black enough, or no film lies on them
     */
    public static function fit(string $id, Spectrum $overWhite, Spectrum $overBlack, Spectrum $white, Spectrum $black, float $thickness): self
    {
        if (!($thickness > 0.0 && $thickness <= 50.0)) {
            throw new ColourError(Message::of('The dry film is between 0 and 1000 µm thick.'));
        }
        $inside = static fn (Spectrum $s): array => array_map(static fn (float $r): float => max(self::LEAST_R, $r), Saunderson::inside($s->onGrid()->values));
        [$rw, $rb, $gw, $gb] = [$inside($overWhite), $inside($overBlack), $inside($white), $inside($black)];
        if (array_sum($gw) - array_sum($gb) < 0.3 * Spectrum::BANDS) {
            throw new ColourError(Message::of('The two grounds must be a white and a black, both read bare.'));
        }
        $k = $s = [];
        $hidden = [];
        foreach ($rw as $i => $w) {
            $b = min($rb[$i], $w);
            if ($w - $b < self::HIDES * ($gw[$i] - $gb[$i])) {
                $hidden[$i] = min(0.999, ($w + $b) / 2.0);
                $s[] = $k[] = 0.0;

                continue;
            }
            $det = ($w + $gw[$i]) * ($b - $gb[$i]) - ($b + $gb[$i]) * ($w - $gw[$i]);
            $a = $c = 0.0;
            if (abs($det) > 1e-12) {
                $a = ((1.0 + $w * $gw[$i]) * ($b - $gb[$i]) - (1.0 + $b * $gb[$i]) * ($w - $gw[$i])) / $det;
                $c = (($w + $gw[$i]) * (1.0 + $b * $gb[$i]) - ($b + $gb[$i]) * (1.0 + $w * $gw[$i])) / $det;
            }
            if (!($a > 1.0) || !($c > sqrt($a * $a - 1.0))) {
                // As good as no scattering: what is left of the white has gone twice through the film.
                $s[] = max(0.0, ($b - $gb[$i]) / max(self::LEAST_R, (1.0 - $gb[$i]) ** 2) / $thickness);
                $k[] = max(0.0, -log(max(self::LEAST_R, $w / $gw[$i])) / (2.0 * $thickness));

                continue;
            }
            $root = sqrt($a * $a - 1.0);
            $s[] = $si = atanh(min(1.0 - 1e-12, $root / $c)) / $root / $thickness;
            $k[] = $si * ($a - 1.0);
        }
        foreach ($hidden as $i => $r) {
            // K/S is certain; S is at least what hides, and no less than beside it.
            $a = (1.0 + $r * $r) / (2.0 * $r);
            $s[$i] = max(-log(self::HIDES) / (2.0 * sqrt($a * $a - 1.0) * $thickness), self::beside($s, array_keys($hidden), $i));
            $k[$i] = $s[$i] * ($a - 1.0);
        }
        $paint = Paint::of($id, array_values($k), array_values($s));
        $pot = Mixture::of([$id => $paint], [$id => 1]);
        $light = Light::daylight();
        $miss = static fn (Spectrum $read, Spectrum $ground): float => Difference::ciede2000($light->lab($read), $light->lab($pot->look($ground, $thickness)));

        return new self($paint, $miss($overWhite, $white), $miss($overBlack, $black), \count($hidden));
    }

    public function tooThick(): bool
    {
        return $this->hidden > self::MANY_HIDDEN;
    }

    /**
     * S between the nearest bands that did not hide.
     *
     * @param array<int, float> $s
     * @param list<int>         $hidden
     */
    private static function beside(array $s, array $hidden, int $i): float
    {
        $seen = array_values(array_diff(array_keys($s), $hidden));
        $below = array_filter($seen, static fn (int $j): bool => $j < $i);
        $above = array_filter($seen, static fn (int $j): bool => $j > $i);
        $low = [] === $below ? null : max($below);
        $high = [] === $above ? null : min($above);

        return match (true) {
            null === $low && null === $high => 0.0,
            null === $low => $s[$high],
            null === $high => $s[$low],
            default => $s[$low] + ($s[$high] - $s[$low]) * ($i - $low) / ($high - $low),
        };
    }
}

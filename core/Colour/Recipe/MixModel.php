<?php

declare(strict_types=1);

namespace KindHeel\Core\Colour\Recipe;

use KindHeel\Core\Colour\Difference;
use KindHeel\Core\Colour\Film;
use KindHeel\Core\Colour\Saunderson;
use KindHeel\Core\Colour\Tristimulus;

/**
 * The colour of a mix, how far it is from the target and how that changes with every part of the mix: the one hot place of a search.
 *
 * The parts are *corners*: a paint, a binder, or, for a pot that already holds drops, the pot as it is and the pot filled up with one paint. A mix is a list of
 * corners with shares that add up to 1. Plain arrays inside.
 */
final class MixModel
{
    /** Keeps the weight of a light bounded where its difference is already tiny. */
    private const SMALL_DE = 0.05;
    private const STEP = 1e-3;

    public int $evaluations = 0;
    /** @var list<array{list<float>, list<float>, list<float>, float, float, float}> weights of the bands and the white, a light */
    private array $lights = [];

    /**
     * @param list<list<float>> $k K of every corner
     * @param list<list<float>> $s S of every corner
     */
    public function __construct(private readonly array $k, private readonly array $s, private readonly Target $target, private readonly Layer $layer)
    {
        foreach ($target->lights as $light) {
            $this->lights[] = [$light->x, $light->y, $light->z, $light->white->x, $light->white->y, $light->white->z];
        }
    }

    public function underOneLight(): bool
    {
        return 1 === \count($this->lights);
    }

    /**
     * Σ weight · ΔE00.
     *
     * @param list<int>   $corners
     * @param list<float> $shares
     */
    public function difference(array $corners, array $shares): float
    {
        ++$this->evaluations;
        [$k, $s] = $this->mixed($corners, $shares);
        $sum = 0.0;
        foreach ($this->labs($this->measured($k, $s)) as $i => [$l, $a, $b]) {
            $aim = $this->target->labs[$i];
            [$dl, $dc, $dh] = Difference::parts($aim->lightness, $aim->a, $aim->b, $l, $a, $b);
            $sum += $this->target->weights[$i] * sqrt($dl * $dl + $dc * $dc + $dh * $dh);
        }

        return $sum;
    }

    /**
     * Three residuals a light, whose squares add up to Σ weight · ΔE00 (each light divided by its own ΔE00, so that the sum of differences, not of squares, is
     * what falls), and their slopes along every corner.
     *
     * @param list<int>   $corners
     * @param list<float> $shares
     *
     * @return array{float, list<float>, list<list<float>>} the difference, residuals, slopes by corner
     */
    public function slopes(array $corners, array $shares): array
    {
        ++$this->evaluations;
        [$k, $s] = $this->mixed($corners, $shares);
        [$r, $byK, $byS] = $this->measuredWithSlopes($k, $s);
        $changes = [];
        foreach ($corners as $j => $corner) {
            $change = [];
            $ks = $this->k[$corner];
            $ss = $this->s[$corner];
            foreach ($byK as $i => $slope) {
                $change[] = $slope * $ks[$i] + $byS[$i] * $ss[$i];
            }
            $changes[$j] = $change;
        }
        $difference = 0.0;
        $residuals = [];
        $slopes = array_fill(0, \count($corners), []);
        foreach ($this->lights as $i => [$wx, $wy, $wz, $whiteX, $whiteY, $whiteZ]) {
            $x = $y = $z = 0.0;
            foreach ($r as $band => $value) {
                $x += $wx[$band] * $value;
                $y += $wy[$band] * $value;
                $z += $wz[$band] * $value;
            }
            [$l, $a, $b] = self::lab($x / $whiteX, $y / $whiteY, $z / $whiteZ);
            $aim = $this->target->labs[$i];
            $parts = Difference::parts($aim->lightness, $aim->a, $aim->b, $l, $a, $b);
            $dE = sqrt($parts[0] * $parts[0] + $parts[1] * $parts[1] + $parts[2] * $parts[2]);
            $difference += $this->target->weights[$i] * $dE;
            $weight = sqrt($this->target->weights[$i] / ($this->underOneLight() ? 1.0 : max(self::SMALL_DE, $dE)));
            $byL = Difference::parts($aim->lightness, $aim->a, $aim->b, $l + self::STEP, $a, $b);
            $byA = Difference::parts($aim->lightness, $aim->a, $aim->b, $l, $a + self::STEP, $b);
            $byB = Difference::parts($aim->lightness, $aim->a, $aim->b, $l, $a, $b + self::STEP);
            $fx = Tristimulus::slope($x / $whiteX) / $whiteX;
            $fy = Tristimulus::slope($y / $whiteY) / $whiteY;
            $fz = Tristimulus::slope($z / $whiteZ) / $whiteZ;
            foreach ($parts as $p => $part) {
                $residuals[] = $weight * $part;
                $pl = ($byL[$p] - $part) / self::STEP;
                $pa = ($byA[$p] - $part) / self::STEP;
                $pb = ($byB[$p] - $part) / self::STEP;
                $byXyz[$p] = [$weight * 500.0 * $pa * $fx, $weight * (116.0 * $pl - 500.0 * $pa + 200.0 * $pb) * $fy, -$weight * 200.0 * $pb * $fz];
            }
            foreach ($changes as $j => $change) {
                $dx = $dy = $dz = 0.0;
                foreach ($change as $band => $value) {
                    $dx += $wx[$band] * $value;
                    $dy += $wy[$band] * $value;
                    $dz += $wz[$band] * $value;
                }
                foreach ($byXyz as [$px, $py, $pz]) {
                    $slopes[$j][] = $px * $dx + $py * $dy + $pz * $dz;
                }
            }
        }

        return [$difference, $residuals, $slopes];
    }

    /**
     * @param list<int>   $corners
     * @param list<float> $shares
     *
     * @return array{array<int, float>, array<int, float>} K and S of the mix
     */
    private function mixed(array $corners, array $shares): array
    {
        $k = $s = [];
        switch (\count($corners)) {
            case 1:
                return [$this->k[$corners[0]], $this->s[$corners[0]]];
            case 2:
                [$c0, $c1] = $shares;
                [$k1, $s1] = [$this->k[$corners[1]], $this->s[$corners[1]]];
                $s0 = $this->s[$corners[0]];
                foreach ($this->k[$corners[0]] as $i => $ki) {
                    $k[] = $c0 * $ki + $c1 * $k1[$i];
                    $s[] = $c0 * $s0[$i] + $c1 * $s1[$i];
                }

                return [$k, $s];
            case 3:
                [$c0, $c1, $c2] = $shares;
                [$k1, $k2] = [$this->k[$corners[1]], $this->k[$corners[2]]];
                [$s0, $s1, $s2] = [$this->s[$corners[0]], $this->s[$corners[1]], $this->s[$corners[2]]];
                foreach ($this->k[$corners[0]] as $i => $ki) {
                    $k[] = $c0 * $ki + $c1 * $k1[$i] + $c2 * $k2[$i];
                    $s[] = $c0 * $s0[$i] + $c1 * $s1[$i] + $c2 * $s2[$i];
                }

                return [$k, $s];
            default:
                [$c0, $c1, $c2, $c3] = $shares;
                [$k1, $k2, $k3] = [$this->k[$corners[1]], $this->k[$corners[2]], $this->k[$corners[3]]];
                [$s0, $s1, $s2, $s3] = [$this->s[$corners[0]], $this->s[$corners[1]], $this->s[$corners[2]], $this->s[$corners[3]]];
                foreach ($this->k[$corners[0]] as $i => $ki) {
                    $k[] = $c0 * $ki + $c1 * $k1[$i] + $c2 * $k2[$i] + $c3 * $k3[$i];
                    $s[] = $c0 * $s0[$i] + $c1 * $s1[$i] + $c2 * $s2[$i] + $c3 * $s3[$i];
                }
                for ($j = 4, $n = \count($corners); $j < $n; ++$j) {
                    $c = $shares[$j];
                    $ss = $this->s[$corners[$j]];
                    foreach ($this->k[$corners[$j]] as $i => $ki) {
                        $k[$i] += $c * $ki;
                        $s[$i] += $c * $ss[$i];
                    }
                }

                return [$k, $s];
        }
    }

    /**
     * @param array<int, float> $k
     * @param array<int, float> $s
     *
     * @return list<float> measured reflectance
     */
    private function measured(array $k, array $s): array
    {
        if (null === $this->layer->thickness) {
            $out = [];
            foreach ($k as $i => $ki) {
                $si = $s[$i];
                $r = 0.0 === $si ? 0.0 : $si / ($si + $ki + sqrt($ki * ($ki + 2.0 * $si)));
                $out[] = Saunderson::THROUGH * $r / (1.0 - Saunderson::K2 * $r);
            }

            return $out;
        }

        return Saunderson::measured(Film::reflectance($k, $s, $this->layer->inside, $this->layer->thickness));
    }

    /**
     * Measured reflectance with its slopes along K and S.
     *
     * Opaque: R = S/(A + B). Over a ground, with N = S − g(A − W) and D = A − gS + W, W = B·coth(B·X) and dW/dB = coth u − u·csch² u at u = B·X.
     *
     * @param array<int, float> $k
     * @param array<int, float> $s
     *
     * @return array{list<float>, list<float>, list<float>}
     */
    private function measuredWithSlopes(array $k, array $s): array
    {
        $out = $byK = $byS = [];
        $x = $this->layer->thickness;
        $ground = $this->layer->inside;
        $inside = null === $x ? null : Film::reflectance($k, $s, $ground, $x);
        foreach ($k as $i => $ki) {
            $ki = max($ki, 1e-9);
            $si = max($s[$i], 1e-9);
            $a = $si + $ki;
            $b = sqrt($ki * ($ki + 2.0 * $si));
            if (null === $x || null === $inside || null === $ground) {
                $r = $si / ($a + $b);
                // dR/dq = −2R²/(1 − R²), q = K/S
                $rk = -2.0 * $r * $r / (1.0 - $r * $r) / $si;
                $rs = -$rk * $ki / $si;
            } else {
                $r = $inside[$i];
                $g = $ground[$i];
                $u = $b * $x;
                if ($u < 1e-3) {
                    $w = 1.0 / max($x, 1e-9) + $b * $u / 3.0;
                    $wb = 2.0 * $x / 3.0;
                } elseif ($u > 300.0) {
                    $w = $b;
                    $wb = 1.0 / $b;
                } else {
                    $coth = 1.0 / tanh($u);
                    $w = $b * $coth;
                    $wb = ($coth - $u * ($coth * $coth - 1.0)) / $b;
                }
                $wk = $wb * $a;
                $ws = $wb * $ki;
                $below = $a - $g * $si + $w;
                $rk = ($g * ($wk - 1.0) - $r * (1.0 + $wk)) / $below;
                $rs = (1.0 + $g * ($ws - 1.0) - $r * (1.0 - $g + $ws)) / $below;
            }
            $through = 1.0 - Saunderson::K2 * $r;
            $out[] = Saunderson::THROUGH * $r / $through;
            $rise = Saunderson::THROUGH / ($through * $through);
            $byK[] = $rise * $rk;
            $byS[] = $rise * $rs;
        }

        return [$out, $byK, $byS];
    }

    /**
     * @param list<float> $r measured reflectance
     *
     * @return list<array{float, float, float}>
     */
    private function labs(array $r): array
    {
        $labs = [];
        foreach ($this->lights as [$wx, $wy, $wz, $whiteX, $whiteY, $whiteZ]) {
            $x = $y = $z = 0.0;
            foreach ($r as $i => $value) {
                $x += $wx[$i] * $value;
                $y += $wy[$i] * $value;
                $z += $wz[$i] * $value;
            }
            $labs[] = self::lab($x / $whiteX, $y / $whiteY, $z / $whiteZ);
        }

        return $labs;
    }

    /** @return array{float, float, float} */
    private static function lab(float $x, float $y, float $z): array
    {
        $fy = Tristimulus::f($y);

        return [116.0 * $fy - 16.0, 500.0 * (Tristimulus::f($x) - $fy), 200.0 * ($fy - Tristimulus::f($z))];
    }
}

<?php

declare(strict_types=1);

namespace KindHeel\Core\Colour\Recipe;

use KindHeel\Core\Colour\Difference;
use KindHeel\Core\Colour\Film;
use KindHeel\Core\Colour\Saunderson;
use KindHeel\Core\Colour\Spectrum;
use KindHeel\Core\Colour\Tristimulus;

/**
 * Ranks every set of paints by how near it could come, without mixing any of them.
 *
 * Near the target a mix misses by δR = (∂R/∂q)·Σ cᵢ(Kᵢ − q·Sᵢ)/S with q the K/S of the target, so the miss in colour is linear in the shares (Allen 1974,
 * Walowit 1987): Σ cᵢvᵢ/S. The least of |Σ cᵢvᵢ| with Σ cᵢ = 1 is 1/(1ᵀG⁻¹1), G the products of the v of the set, at c ~ G⁻¹1. A set where some c is negative
 * is no better than the smaller set without that paint, which is ranked by itself.
 */
final class SubsetRanking
{
    /** The weight of a whole spectrum that agrees beside the colour that agrees: of two sets that match, the one that matches under every light. */
    private const SPECTRAL_WEIGHT = 0.02;
    /** How far below nothing a share may fall here: away from the target the miss is not quite linear. */
    private const SLACK = -0.15;
    private const LEAST_SHARE = 2e-3;
    /** Larger sets are grown from the best smaller ones when there are more than this many. */
    private const MOST_SETS = 8000;
    private const GROWN_FROM = 300;

    /** Sets tried; for the bench. */
    public int $tried = 0;
    /** @var array<int, array<int, float>> */
    private array $products = [];
    /** @var list<float> S of every corner, by how much each band is seen */
    private array $scatter = [];

    /**
     * @param list<list<float>> $k
     * @param list<list<float>> $s
     * @param list<int>         $free corners that count as no paint
     * @param float             $thin share of the pot that is paint; the rest is binder
     * @param \Closure(): bool  $goOn
     */
    public function __construct(
        array $k,
        array $s,
        Target $target,
        Layer $layer,
        private readonly array $free,
        private readonly float $thin,
        private readonly \Closure $goOn,
    ) {
        $seen = array_fill(0, Spectrum::BANDS, 0.0);
        $rows = self::colourRows($target);
        foreach ($target->lights as $light) {
            foreach ($light->y as $i => $w) {
                $seen[$i] += $w / 100.0 / \count($target->lights);
            }
        }
        $usual = array_fill(0, Spectrum::BANDS, 0.0);
        foreach ($s as $values) {
            foreach ($values as $i => $value) {
                $usual[$i] += $value * $this->thin / \count($s);
            }
        }
        [$slope, $q] = self::at($target->spectrum->onGrid(), $layer, $usual);
        $vectors = [];
        foreach ($k as $c => $ks) {
            $miss = [];
            $scatter = 0.0;
            foreach ($ks as $i => $ki) {
                $miss[] = $slope[$i] * ($ki - $q[$i] * $s[$c][$i]);
                $scatter += $seen[$i] * $s[$c][$i];
            }
            $vector = [];
            foreach ($rows as $row) {
                $sum = 0.0;
                foreach ($miss as $i => $m) {
                    $sum += $row[$i] * $m;
                }
                $vector[] = $sum;
            }
            if ($target->measured) {
                foreach ($miss as $i => $m) {
                    $vector[] = self::SPECTRAL_WEIGHT * 100.0 * sqrt($seen[$i]) * $m;
                }
            }
            $vectors[] = $vector;
            $this->scatter[] = max(1e-9, $scatter);
        }
        foreach ($vectors as $i => $a) {
            foreach ($vectors as $j => $b) {
                if ($j < $i) {
                    $this->products[$i][$j] = $this->products[$j][$i];

                    continue;
                }
                $sum = 0.0;
                foreach ($a as $n => $value) {
                    $sum += $value * $b[$n];
                }
                $this->products[$i][$j] = $sum;
            }
        }
    }

    /**
     * @param list<int> $paints corners that are paints
     *
     * @return list<CandidateMix> the most promising first, at most `$keep` of every number of paints
     */
    public function best(array $paints, int $most, int $keep): array
    {
        $all = [];
        $frees = [[]];
        foreach ($this->free as $corner) {
            foreach ($frees as $set) {
                $frees[] = [...$set, $corner];
            }
        }
        $sets = [[]];
        for ($size = 0; $size <= $most; ++$size) {
            $found = [];
            foreach ($sets as $set) {
                foreach ($frees as $free) {
                    $candidate = $this->candidate([...$free, ...$set]);
                    if (null !== $candidate) {
                        $found[] = $candidate;
                    }
                }
                if (0 === $this->tried % 512 && !($this->goOn)()) {
                    break 2;
                }
            }
            usort($found, CandidateMix::nearestFirst(...));
            $all = [...$all, ...\array_slice($found, 0, $keep)];
            $sets = $size < $most ? $this->grown($sets, $found, $paints) : [];
        }
        usort($all, CandidateMix::nearestFirst(...));

        return $all;
    }

    /**
     * @param list<list<int>>    $sets
     * @param list<CandidateMix> $found
     * @param list<int>          $paints
     *
     * @return list<list<int>>
     */
    private function grown(array $sets, array $found, array $paints): array
    {
        $grown = [];
        $room = \count($sets) * (1 + \count($this->free)) * max(1, \count($paints) - 1) / 2;
        if ($room <= self::MOST_SETS * 2) {
            foreach ($sets as $set) {
                $last = [] === $set ? -1 : $set[\count($set) - 1];
                foreach ($paints as $paint) {
                    if ($paint > $last) {
                        $grown[] = [...$set, $paint];
                    }
                }
            }

            return $grown;
        }
        foreach (\array_slice($found, 0, self::GROWN_FROM) as $candidate) {
            $set = array_values(array_diff($candidate->corners, $this->free));
            foreach ($paints as $paint) {
                if (!\in_array($paint, $set, true)) {
                    $next = [...$set, $paint];
                    sort($next);
                    $grown[implode(' ', $next)] = $next;
                }
            }
        }

        return array_values($grown);
    }

    /** @param list<int> $corners */
    private function candidate(array $corners): ?CandidateMix
    {
        ++$this->tried;
        $n = \count($corners);
        if (0 === $n) {
            return null;
        }
        // Cholesky of the products with a ridge, and two triangular solves of L·Lᵀ·y = 1.
        $l = [];
        $y = [];
        for ($i = 0; $i < $n; ++$i) {
            $row = $this->products[$corners[$i]];
            $value = 1.0;
            for ($j = 0; $j < $i; ++$j) {
                $sum = $row[$corners[$j]];
                for ($m = 0; $m < $j; ++$m) {
                    $sum -= $l[$i][$m] * $l[$j][$m];
                }
                $l[$i][$j] = $sum / $l[$j][$j];
                $value -= $l[$i][$j] * $y[$j];
            }
            $sum = $row[$corners[$i]] * (1.0 + 1e-9) + 1e-9;
            for ($m = 0; $m < $i; ++$m) {
                $sum -= $l[$i][$m] * $l[$i][$m];
            }
            $l[$i][$i] = sqrt(max($sum, 1e-12));
            $y[$i] = $value / $l[$i][$i];
        }
        $total = 0.0;
        for ($i = $n - 1; $i >= 0; --$i) {
            $value = $y[$i];
            for ($j = $i + 1; $j < $n; ++$j) {
                $value -= $l[$j][$i] * $y[$j];
            }
            $y[$i] = $value / $l[$i][$i];
            $total += $y[$i];
        }
        if ($total <= 0.0) {
            return null;
        }
        $shares = [];
        $sum = $scatter = 0.0;
        for ($i = 0; $i < $n; ++$i) {
            $share = $y[$i] / $total;
            if ($share < self::SLACK) {
                return null;
            }
            $shares[] = $share = max(self::LEAST_SHARE, $share);
            $sum += $share;
            $scatter += $share * $this->scatter[$corners[$i]];
        }
        foreach ($shares as $i => $share) {
            $shares[$i] = $share / $sum;
        }

        return new CandidateMix($corners, $shares, sqrt(1.0 / $total) * $sum / $scatter);
    }

    /**
     * What a small change of reflectance does to the colour, three rows a light.
     *
     * @return list<list<float>>
     */
    private static function colourRows(Target $target): array
    {
        $step = 1e-2;
        $rows = [];
        foreach ($target->lights as $n => $light) {
            $lab = $target->labs[$n];
            $xyz = Tristimulus::ofLab($lab, $light->white);
            $fx = Tristimulus::slope($xyz->x / $light->white->x) / $light->white->x;
            $fy = Tristimulus::slope($xyz->y / $light->white->y) / $light->white->y;
            $fz = Tristimulus::slope($xyz->z / $light->white->z) / $light->white->z;
            $byL = Difference::parts($lab->lightness, $lab->a, $lab->b, $lab->lightness + $step, $lab->a, $lab->b);
            $byA = Difference::parts($lab->lightness, $lab->a, $lab->b, $lab->lightness, $lab->a + $step, $lab->b);
            $byB = Difference::parts($lab->lightness, $lab->a, $lab->b, $lab->lightness, $lab->a, $lab->b + $step);
            $weight = sqrt($target->weights[$n]) / $step;
            foreach ([0, 1, 2] as $p) {
                $row = [];
                foreach ($light->x as $i => $wx) {
                    $row[] = $weight *
                        (500.0 * $byA[$p] * $fx * $wx +
                            (116.0 * $byL[$p] - 500.0 * $byA[$p] + 200.0 * $byB[$p]) * $fy * $light->y[$i] -
                            200.0 * $byB[$p] * $fz * $light->z[$i]);
                }
                $rows[] = $row;
            }
        }

        return $rows;
    }

    /**
     * The K/S that gives the target's reflectance, and how fast measured reflectance changes with K/S there, times S.
     *
     * @param array<int, float> $scatter S of a usual mix: a film's cover hangs on it
     *
     * @return array{list<float>, list<float>}
     */
    private static function at(Spectrum $spectrum, Layer $layer, array $scatter): array
    {
        $slope = $q = [];
        foreach (Saunderson::inside($spectrum->values) as $i => $r) {
            $r = max(1e-4, min(0.999, $r));
            $s = max(1e-6, $scatter[$i]);
            if (null === $layer->thickness || null === $layer->inside) {
                $qi = (1.0 - $r) ** 2 / (2.0 * $r);
                $rise = -2.0 * $r * $r / (1.0 - $r * $r);
            } else {
                $ground = [$layer->inside[$i]];
                $film = static fn (float $q): float => Film::reflectance([$q * $s], [$s], $ground, $layer->thickness)[0];
                $low = 1e-6;
                $high = 1e4;
                for ($step = 0; $step < 30; ++$step) {
                    $qi = sqrt($low * $high);
                    if ($film($qi) > $r) {
                        $low = $qi;
                    } else {
                        $high = $qi;
                    }
                }
                $qi = sqrt($low * $high);
                $rise = min(-1e-6, ($film($qi * 1.001) - $film($qi)) / (0.001 * $qi));
            }
            $q[] = $qi;
            $through = 1.0 - Saunderson::K2 * $r;
            $slope[] = $rise * Saunderson::THROUGH / ($through * $through);
        }

        return [$slope, $q];
    }
}

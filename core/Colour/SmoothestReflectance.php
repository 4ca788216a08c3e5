<?php

declare(strict_types=1);

namespace KindHeel\Core\Colour;

/**
 * A reflectance for a colour that is known by its numbers only: of all that have the colour, the one with the least slope.
 *
 * Minimises Σ (zᵢ₊₁ − zᵢ)² under XYZ(R) = the colour, R = (tanh z + 1)/2, by Newton's method on the Lagrangian (Burns 2020, "least hyperbolic tangent
 * slope squared"). A colour that no reflectance has is drawn towards grey until one has it.
 */
final class SmoothestReflectance
{
    private const ITERATIONS = 30;
    private const CLOSE = 1e-7;
    private const STEPS_TO_GREY = 25;

    public static function of(Lab $lab, Light $light): Spectrum
    {
        for ($i = 0; $i <= self::STEPS_TO_GREY; ++$i) {
            $chroma = 1.0 - $i / self::STEPS_TO_GREY;
            $lightness = max(0.5, min(99.5, $lab->lightness));
            $found = self::solve(Tristimulus::ofLab(Lab::computed($lightness, $chroma * $lab->a, $chroma * $lab->b), $light->white), $light);
            if (null !== $found) {
                return $found;
            }
        }

        return Spectrum::flat(max(0.0, min(1.0, Tristimulus::ofLab($lab, $light->white)->y / 100.0)));
    }

    private static function solve(Tristimulus $xyz, Light $light): ?Spectrum
    {
        if (min($xyz->x, $xyz->y, $xyz->z) <= 0.0) {
            return null;
        }
        $n = Spectrum::BANDS;
        $weights = [$light->x, $light->y, $light->z];
        $goal = [$xyz->x, $xyz->y, $xyz->z];
        $z = array_fill(0, $n, atanh(max(-0.99, min(0.99, 2.0 * $xyz->y / 100.0 - 1.0))));
        $lambda = [0.0, 0.0, 0.0];
        for ($step = 0; $step < self::ITERATIONS; ++$step) {
            $matrix = array_fill(0, $n + 3, array_fill(0, $n + 3, 0.0));
            $right = array_fill(0, $n + 3, 0.0);
            $missed = $goal;
            foreach ($z as $i => $zi) {
                $neighbours = 0 === $i || $n - 1 === $i ? 1.0 : 2.0;
                $tanh = tanh($zi);
                $slope = (1.0 - $tanh * $tanh) / 2.0;
                $pull = 0.0;
                foreach ($weights as $c => $w) {
                    $pull += $lambda[$c] * $w[$i];
                    $missed[$c] -= $w[$i] * ($tanh + 1.0) / 2.0;
                    $matrix[$i][$n + $c] = $matrix[$n + $c][$i] = $slope * $w[$i];
                }
                $matrix[$i][$i] = 2.0 * $neighbours - 2.0 * $tanh * $slope * $pull;
                $gradient = 2.0 * $neighbours * $zi + $slope * $pull;
                foreach ([$i - 1, $i + 1] as $j) {
                    if ($j >= 0 && $j < $n) {
                        $matrix[$i][$j] = -2.0;
                        $gradient -= 2.0 * $z[$j];
                    }
                }
                $right[$i] = -$gradient;
            }
            foreach ($missed as $c => $much) {
                $right[$n + $c] = $much;
            }
            $delta = Linear::solve($matrix, $right);
            if (null === $delta) {
                return null;
            }
            $largest = 0.0;
            for ($i = 0; $i < $n; ++$i) {
                $move = max(-1.0, min(1.0, $delta[$i]));
                $z[$i] += $move;
                $largest = max($largest, abs($delta[$i]));
            }
            foreach ($lambda as $c => $value) {
                $lambda[$c] = $value + $delta[$n + $c];
            }
            if ($largest < self::CLOSE) {
                return Spectrum::grid(array_map(static fn (float $zi): float => (tanh($zi) + 1.0) / 2.0, $z));
            }
        }

        return null;
    }
}

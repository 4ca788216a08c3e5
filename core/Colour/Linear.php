<?php

declare(strict_types=1);

namespace KindHeel\Core\Colour;

/** Small dense systems of equations. */
final class Linear
{
    private const SINGULAR = 1e-14;

    /**
     * Gauss elimination with partial pivoting.
     *
     * @param array<int, array<int, float>> $matrix n × n
     * @param array<int, float>             $right  n
     *
     * @return list<float>|null null when the matrix is singular
     */
    public static function solve(array $matrix, array $right): ?array
    {
        $n = \count($right);
        for ($c = 0; $c < $n; ++$c) {
            $pivot = $c;
            for ($r = $c + 1; $r < $n; ++$r) {
                if (abs($matrix[$r][$c]) > abs($matrix[$pivot][$c])) {
                    $pivot = $r;
                }
            }
            if (abs($matrix[$pivot][$c]) < self::SINGULAR) {
                return null;
            }
            if ($pivot !== $c) {
                [$matrix[$c], $matrix[$pivot]] = [$matrix[$pivot], $matrix[$c]];
                [$right[$c], $right[$pivot]] = [$right[$pivot], $right[$c]];
            }
            $row = $matrix[$c];
            for ($r = $c + 1; $r < $n; ++$r) {
                $factor = $matrix[$r][$c] / $row[$c];
                if (0.0 === $factor) {
                    continue;
                }
                for ($k = $c; $k < $n; ++$k) {
                    $matrix[$r][$k] -= $factor * $row[$k];
                }
                $right[$r] -= $factor * $right[$c];
            }
        }
        $out = array_fill(0, $n, 0.0);
        for ($r = $n - 1; $r >= 0; --$r) {
            $sum = $right[$r];
            for ($k = $r + 1; $k < $n; ++$k) {
                $sum -= $matrix[$r][$k] * $out[$k];
            }
            $out[$r] = $sum / $matrix[$r][$r];
        }

        return array_values($out);
    }
}

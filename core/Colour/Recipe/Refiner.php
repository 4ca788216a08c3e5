<?php

declare(strict_types=1);

namespace KindHeel\Core\Colour\Recipe;

use KindHeel\Core\Colour\Linear;

/**
 * Moves the shares of a mix to where the difference is least: Gauss–Newton steps with Levenberg's damping (Marquardt 1963) on the simplex of shares, corners
 * that would fall below nothing held at nothing.
 */
final readonly class Refiner
{
    private const DONE = 1e-4;
    private const MOST_DAMPING = 1e4;

    /**
     * @param float $haste what one whole share of the first corner is worth: for a pot that is there already, fewer drops go in
     */
    public function __construct(private MixModel $model, private float $haste = 0.0)
    {
    }

    public function refine(CandidateMix $start, int $steps): CandidateMix
    {
        $corners = $start->corners;
        $shares = $start->shares;
        $n = \count($corners);
        if (1 === $n) {
            return new CandidateMix($corners, $shares, $this->model->difference($corners, $shares));
        }
        $damping = 1e-3;
        [$now, $residuals, $slopes] = $this->model->slopes($corners, $shares);
        for ($step = 0; $step < $steps && $now > self::DONE; ++$step) {
            $gradient = [];
            $curve = [];
            for ($i = 0; $i < $n; ++$i) {
                $sum = 0 === $i && 0 === $corners[0] ? -$this->haste : 0.0;
                foreach ($residuals as $r => $value) {
                    $sum += $slopes[$i][$r] * $value;
                }
                $gradient[] = $sum;
                for ($j = 0; $j <= $i; ++$j) {
                    $sum = 0.0;
                    foreach ($slopes[$i] as $r => $value) {
                        $sum += $value * $slopes[$j][$r];
                    }
                    $curve[$i][$j] = $curve[$j][$i] = $sum;
                }
            }
            $better = false;
            while ($damping < self::MOST_DAMPING) {
                $next = $this->step($shares, $gradient, $curve, $damping);
                $then = null === $next ? \INF : $this->model->difference($corners, $next);
                if (null !== $next && $this->merit($then, $corners, $next) < $this->merit($now, $corners, $shares)) {
                    $better = true;

                    break;
                }
                $damping *= 10.0;
            }
            if (!$better || null === $next) {
                break;
            }
            $gain = $now - $then;
            $shares = $next;
            $now = $then;
            $damping = max(1e-9, $damping * 0.1);
            if (abs($gain) < self::DONE || $step + 1 === $steps) {
                break;
            }
            [$now, $residuals, $slopes] = $this->model->slopes($corners, $shares);
        }

        return new CandidateMix($corners, $shares, $now);
    }

    /**
     * @param list<int>   $corners
     * @param list<float> $shares
     */
    private function merit(float $difference, array $corners, array $shares): float
    {
        return ($this->model->underOneLight() ? $difference ** 2 / 2.0 : $difference) - (0 === $corners[0] ? $this->haste * $shares[0] : 0.0);
    }

    /**
     * The step that minimises the damped model with the shares still adding up to 1; null when there is none.
     *
     * @param list<float>                   $shares
     * @param list<float>                   $gradient
     * @param array<int, array<int, float>> $curve
     *
     * @return list<float>|null the new shares
     */
    private function step(array $shares, array $gradient, array $curve, float $damping): ?array
    {
        $moving = array_keys($shares);
        $next = $shares;
        while (\count($moving) > 1) {
            $matrix = $right = [];
            $held = 1.0;
            foreach ($next as $i => $share) {
                $held -= \in_array($i, $moving, true) ? $shares[$i] : 0.0;
            }
            $n = \count($moving);
            foreach ($moving as $row => $i) {
                $value = -$gradient[$i];
                foreach ($shares as $j => $share) {
                    if (!\in_array($j, $moving, true)) {
                        $value += $curve[$i][$j] * $share;
                    }
                }
                foreach ($moving as $column => $j) {
                    $matrix[$row][$column] = $curve[$i][$j];
                }
                $matrix[$row][$row] += $damping * $curve[$i][$i] + 1e-9;
                $matrix[$row][$n] = 1.0;
                $right[$row] = $value;
            }
            $matrix[$n] = [...array_fill(0, $n, 1.0), 0.0];
            $right[$n] = $held;
            $delta = Linear::solve($matrix, $right);
            if (null === $delta) {
                return null;
            }
            $stay = [];
            foreach ($moving as $row => $i) {
                $next[$i] = $shares[$i] + $delta[$row];
                if ($next[$i] > 0.0) {
                    $stay[] = $i;
                } else {
                    $next[$i] = 0.0;
                }
            }
            if (\count($stay) === \count($moving)) {
                return array_values($next);
            }
            $moving = $stay;
        }
        if (1 !== \count($moving)) {
            return null;
        }
        $next = array_fill(0, \count($shares), 0.0);
        $next[$moving[0]] = 1.0;

        return array_values($next);
    }
}

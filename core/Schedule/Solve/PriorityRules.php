<?php

declare(strict_types=1);

namespace KindHeel\Core\Schedule\Solve;

/** Orders of blocks as plain list scheduling serves them, to begin a search from and to measure it by. */
final readonly class PriorityRules
{
    /** How many usual jobs ahead a due date begins to count. */
    private const LOOK_AHEAD = [0.5, 1.5, 4.0];

    public function __construct(private Problem $problem, private Blocks $blocks)
    {
    }

    /**
     * By due date, by weight and by weighted due date; then by slack, by work and weight, and by apparent tardiness cost.
     *
     * @return non-empty-list<list<int>>
     */
    public function all(): array
    {
        $ids = array_keys($this->blocks->steps);
        $left = [];
        foreach ($this->problem->jobs as $j => $job) {
            $left[$j] = array_sum(array_map(fn (int $i): int => $this->problem->steps[$i]->minutes, $job->steps));
        }
        $orders = [];
        foreach ([
            static fn (DueJob $job, int $work): float => $job->due,
            static fn (DueJob $job, int $work): float => -$job->weight,
            static fn (DueJob $job, int $work): float => $job->due / max(0.01, $job->weight),
            static fn (DueJob $job, int $work): float => $job->due - $work,
            static fn (DueJob $job, int $work): float => $work / max(0.01, $job->weight),
        ] as $rank) {
            $ranks = [];
            foreach ($ids as $block) {
                $job = $this->blocks->jobs[$block];
                $ranks[$block] = $rank($this->problem->jobs[$job], $left[$job]);
            }
            $order = $ids;
            usort($order, static fn (int $a, int $b): int => [$ranks[$a], $a] <=> [$ranks[$b], $b]);
            $orders[] = $order;
        }
        foreach (self::LOOK_AHEAD as $far) {
            $orders[] = $this->byTardinessCost($left, $far);
        }

        return $orders;
    }

    /**
     * As the steps began in an earlier timetable, or as they rank elsewhere: each block at its first step. What is not known there comes last.
     *
     * @param array<int, int> $starts start or rank, by step
     *
     * @return list<int>
     */
    public function asBefore(array $starts): array
    {
        $first = [];
        foreach ($this->blocks->steps as $block => $steps) {
            $first[$block] = min([\PHP_INT_MAX, ...array_values(array_intersect_key($starts, array_flip($steps)))]);
        }
        asort($first);

        return array_keys($first);
    }

    /**
     * By apparent tardiness cost (Vepsalainen and Morton 1987): weight ÷ work, less the more slack there is, as time goes on.
     *
     * @param array<int, int> $left minutes of each job
     *
     * @return list<int> blocks
     */
    private function byTardinessCost(array $left, float $far): array
    {
        $mean = max(1.0, array_sum($left) / max(1, \count($left)));
        $people = max(1, \count($this->problem->workers));
        // Hands are here for about a third of the hours.
        $pace = 3.0 / $people;
        $at = 0.0;
        $place = [];
        while ([] !== $left) {
            $best = null;
            $most = -\INF;
            foreach ($left as $j => $work) {
                $job = $this->problem->jobs[$j];
                $urge = log(max(1e-6, $job->weight) / max(1, $work)) - max(0.0, $job->due - $work - $at) / ($far * $mean * $pace);
                if ($urge > $most) {
                    [$best, $most] = [$j, $urge];
                }
            }
            if (null === $best) {
                break;
            }
            $at += $left[$best] * $pace;
            $place[$best] = \count($place);
            unset($left[$best]);
        }
        $order = array_keys($this->blocks->steps);
        $jobs = $this->blocks->jobs;
        usort($order, static fn (int $a, int $b): int => [$place[$jobs[$a]], $a] <=> [$place[$jobs[$b]], $b]);

        return $order;
    }
}

<?php

declare(strict_types=1);

namespace KindHeel\Core\Schedule\Solve;

/** Every step with its start and its person, and how good that is. */
final readonly class Timetable
{
    /**
     * @param array<int, int>                  $starts   by step
     * @param array<int, int>                  $workers  by step, -1 for nobody
     * @param list<array{int, int, int, int}>  $broken   step, the step before it, its maximum and what it came to
     * @param array<int, string>               $unplaced reason by step
     * @param array<int, int>                  $ends     by job
     * @param array{int, int, float, int, int} $worth    unplaced, broken windows, weighted tardiness, minutes to completion, changes: smaller is better
     */
    private function __construct(
        public array $starts,
        public array $workers,
        public array $broken,
        public array $unplaced,
        public array $ends,
        public array $worth,
    ) {
    }

    /**
     * @param array<int, int>    $starts
     * @param array<int, int>    $workers
     * @param array<int, string> $unplaced
     */
    public static function of(Problem $problem, array $starts, array $workers, array $unplaced = []): self
    {
        $broken = [];
        foreach ($problem->steps as $i => $work) {
            foreach ($work->after as $lag) {
                if (null !== $lag->max && isset($starts[$i], $starts[$lag->step])) {
                    $waited = $starts[$i] - $starts[$lag->step] - $problem->steps[$lag->step]->minutes;
                    if ($waited > $lag->max) {
                        $broken[] = [$i, $lag->step, $lag->max, $waited];
                    }
                }
            }
        }
        $tardiness = 0.0;
        $completion = 0;
        $ends = [];
        foreach ($problem->jobs as $j => $job) {
            $end = \PHP_INT_MIN;
            foreach ($job->steps as $i) {
                if (isset($starts[$i]) && $starts[$i] + $problem->steps[$i]->minutes > $end) {
                    $end = $starts[$i] + $problem->steps[$i]->minutes;
                }
            }
            $ends[$j] = \PHP_INT_MIN === $end ? 0 : $end;
            $tardiness += $job->weight * max(0, $ends[$j] - $job->due);
            $completion += $ends[$j];
        }

        return new self($starts, $workers, $broken, $unplaced, $ends, [
            \count($unplaced),
            \count($broken),
            $tardiness,
            $completion,
            self::changes($problem, $starts, $workers),
        ]);
    }

    public function isBetterThan(self $other): bool
    {
        return $this->worth < $other->worth;
    }

    /**
     * How often somebody takes up a brush of another colour family.
     *
     * @param array<int, int> $starts
     * @param array<int, int> $workers
     */
    private static function changes(Problem $problem, array $starts, array $workers): int
    {
        asort($starts);
        $before = [];
        $changes = 0;
        foreach ($starts as $step => $_) {
            $worker = $workers[$step];
            if ($worker < 0 || 0 === $problem->steps[$step]->minutes) {
                continue;
            }
            $setup = $problem->steps[$step]->setup;
            $changes += null !== $setup && isset($before[$worker]) && $before[$worker] !== $setup ? 1 : 0;
            $before[$worker] = $setup;
        }

        return $changes;
    }
}

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
    public function __construct(
        public array $starts,
        public array $workers,
        public array $broken,
        public array $unplaced,
        public array $ends,
        public array $worth,
    ) {
    }

    public function isBetterThan(self $other): bool
    {
        return $this->worth < $other->worth;
    }
}

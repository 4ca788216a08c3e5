<?php

declare(strict_types=1);

namespace KindHeel\Core\Schedule;

use KindHeel\Core\Schedule\Solve\Activity;
use KindHeel\Core\Schedule\Solve\Lag;
use KindHeel\Core\Schedule\Solve\Problem;
use KindHeel\Core\Schedule\Solve\Timetable;

/** What of some jobs finds no hours before those that are known have gone by, and what stands in the way of the first of it. A value. */
final readonly class MissingHours
{
    /**
     * @param int          $steps   that find no place
     * @param int          $minutes of hands that they take
     * @param list<string> $why     sentences, each once
     */
    private function __construct(public int $steps, public int $minutes, public array $why)
    {
    }

    /** @param array<int, true> $jobs of the problem */
    public static function of(Problem $problem, Timetable $table, array $jobs): self
    {
        $missing = array_intersect_key($table->unplaced, array_filter($problem->steps, static fn (Activity $w): bool => isset($jobs[$w->job])));
        $first = array_filter(
            array_keys($missing),
            static fn (int $i): bool => [] === array_filter($problem->steps[$i]->after, static fn (Lag $l): bool => isset($table->unplaced[$l->step])),
        );

        return new self(
            \count($missing),
            array_sum(array_map(static fn (int $i): int => $problem->steps[$i]->attended ? $problem->steps[$i]->minutes : 0, array_keys($missing))),
            array_values(array_unique(array_map(static fn (int $i): string => $missing[$i], $first))),
        );
    }
}

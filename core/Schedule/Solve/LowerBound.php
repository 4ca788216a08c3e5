<?php

declare(strict_types=1);

namespace KindHeel\Core\Schedule\Solve;

/**
 * A proved bound on weighted tardiness: each job as if it had the workshop to itself, every step as early as its waits and the shifts of those who can do it
 * allow. What more jobs and capacities cost comes on top, so no timetable with all windows kept or broken is better.
 */
final class LowerBound
{
    public static function of(Problem $problem): float
    {
        $ends = [];
        $empty = new ResourceCalendars($problem);
        foreach (Blocks::topological($problem) as $i) {
            $work = $problem->steps[$i];
            $from = 0;
            foreach ($work->after as $lag) {
                $from = max($from, ($ends[$lag->step] ?? 0) + $lag->min);
            }
            $start = $work->fixedStart ?? $empty->earliest($i, $from);
            $ends[$i] = (ResourceCalendars::NEVER === $start ? $from : $start) + $work->minutes;
        }
        $bound = 0.0;
        foreach ($problem->jobs as $job) {
            $end = 0;
            foreach ($job->steps as $n => $i) {
                $end = 0 === $n ? $ends[$i] : max($end, $ends[$i]);
            }
            $bound += $job->weight * max(0, $end - $job->due);
        }

        return $bound;
    }
}

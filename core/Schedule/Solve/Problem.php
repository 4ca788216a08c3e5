<?php

declare(strict_types=1);

namespace KindHeel\Core\Schedule\Solve;

/** Several jobs at once, few hands, many waits (RCPSP/max with calendars and weighted tardiness). */
final readonly class Problem
{
    /**
     * @param list<Activity> $steps
     * @param list<DueJob>   $jobs
     * @param list<Worker>   $workers
     * @param list<int>      $places  capacity of each station
     */
    public function __construct(public array $steps, public array $jobs, public array $workers, public array $places)
    {
    }
}

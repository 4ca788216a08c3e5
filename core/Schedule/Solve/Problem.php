<?php

declare(strict_types=1);

namespace KindHeel\Core\Schedule\Solve;

/** Several jobs at once, few hands, many waits (RCPSP/max with calendars and weighted tardiness). */
final readonly class Problem
{
    /**
     * @param list<Work>     $steps
     * @param list<Promised> $jobs
     * @param list<Hand>     $hands
     * @param list<int>      $places capacity of each station
     */
    public function __construct(public array $steps, public array $jobs, public array $hands, public array $places)
    {
    }
}

<?php

declare(strict_types=1);

namespace KindHeel\Core\Schedule\Solve;

/** An activity list that has been placed: who was asked, when each step begins and who does it, and what that costs. */
final readonly class PlacedList
{
    /**
     * @param list<int>         $order    steps as they begin
     * @param array<int, int>   $asked    person by step, where one is asked
     * @param array<int, int>   $starts   by step, with what is fixed
     * @param array<int, int>   $workers  by step, -1 for nobody
     * @param array<int, int>   $pulledBy the step whose window made this one begin later, by step
     * @param float             $cost     what the search goes by
     * @param array{float, int} $worth    weighted tardiness, minutes to completion: smaller is better
     */
    public function __construct(
        public array $order,
        public array $asked,
        public array $starts,
        public array $workers,
        public array $pulledBy,
        public float $cost,
        public array $worth,
    ) {
    }
}

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
     * @param list<int>      $places          capacity of each station
     * @param int            $switchMinutes   that a person needs free before going on with another piece
     * @param int            $handoverMinutes that the next person needs more where a piece changes hands
     */
    public function __construct(
        public array $steps,
        public array $jobs,
        public array $workers,
        public array $places,
        public int $switchMinutes = 0,
        public int $handoverMinutes = 0,
    ) {
    }

    /** @return list<int> who can do a step, as far as skill goes */
    public function able(Activity $work): array
    {
        return array_keys(array_filter($this->workers, static fn (Worker $h): bool => $h->can($work->skill)));
    }

    /** Going from piece to piece, or from hand to hand, takes time. */
    public function hasSetUp(): bool
    {
        return $this->switchMinutes > 0 || $this->handoverMinutes > 0;
    }
}

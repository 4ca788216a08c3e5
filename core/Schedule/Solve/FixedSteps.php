<?php

declare(strict_types=1);

namespace KindHeel\Core\Schedule\Solve;

/** What is under way, done or promised, and what it leaves to the others. */
final readonly class FixedSteps
{
    /**
     * @param array<int, int>                             $starts    by step
     * @param array<int, int>                             $workers   by step, -1 for nobody
     * @param list<int>                                   $release   by step: earliest start so that a fixed step after it keeps its window
     * @param array<int, non-empty-list<array{int, int}>> $latest    by step: fixed steps that come after it, with the latest end that leaves their minimum
     * @param ResourceCalendars                           $calendars with them taken out
     */
    private function __construct(
        public array $starts,
        public array $workers,
        public array $release,
        public array $latest,
        public ResourceCalendars $calendars,
    ) {
    }

    public static function of(Problem $problem): self
    {
        $starts = $workers = $latest = [];
        $release = array_fill(0, \count($problem->steps), 0);
        $calendars = new ResourceCalendars($problem);
        foreach ($problem->steps as $i => $work) {
            if (null === $work->fixedStart) {
                continue;
            }
            $starts[$i] = $work->fixedStart;
            $workers[$i] = $work->attended ? $work->fixedPerson ?? -1 : -1;
            foreach ($work->after as $lag) {
                if (!$problem->steps[$lag->step]->isFixed()) {
                    $latest[$lag->step][] = [$i, $work->fixedStart - $lag->min];
                    if (null !== $lag->max) {
                        $release[$lag->step] = max($release[$lag->step], $work->fixedStart - $lag->max - $problem->steps[$lag->step]->minutes);
                    }
                }
            }
        }

        $calendars->takeAll($starts, $workers);

        return new self($starts, $workers, array_values($release), $latest, $calendars);
    }
}

<?php

declare(strict_types=1);

namespace KindHeel\App\Job;

/** Plans as the bench reads them. Most of a plan waits for what has not been done: of that only the titles are looked at. */
final readonly class PlansAtWork
{
    public function __construct(private Steps $steps, private PlanGlances $glances)
    {
    }

    /**
     * @param list<int>          $pieces
     * @param \DateTimeImmutable $day    when the day began of which what was done is shown
     *
     * @return array<int, StepsAtWork> by piece
     */
    public function of(array $pieces, \DateTimeImmutable $now, \DateTimeImmutable $day): array
    {
        $glances = $this->glances->of($pieces);
        $needed = array_map(static fn (PlanGlance $g): array => $g->needed($now->getTimestamp(), $day->getTimestamp()), $glances);
        $records = $this->steps->some(array_merge(...$needed));
        $atWork = [];
        foreach ($glances as $piece => $glance) {
            $atWork[$piece] = new StepsAtWork($records[$piece] ?? [], $glance->later, $glance->done(), $glance->all, $glance->colours);
        }

        return $atWork;
    }
}

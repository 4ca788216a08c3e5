<?php

declare(strict_types=1);

namespace KindHeel\App\Plan;

use KindHeel\App\Clock\Iso;
use KindHeel\App\Timetable\TimetableStore;

/** On which days the steps of a piece will be done: what has to dry longer than a day’s work goes on at the next. */
final readonly class PlanDays
{
    public function __construct(private TimetableStore $timetable, private string $workshopTimezone)
    {
    }

    /** @return list<PlanDayView> the soonest first; none where nothing is to be done, or nobody works */
    public function of(int $piece): array
    {
        $zone = new \DateTimeZone($this->workshopTimezone);
        $days = [];
        foreach ($this->timetable->read()->blocks as [$step, $person, $start, $end, $of]) {
            if ($of === $piece && $person > 0) {
                $days[(new \DateTimeImmutable('@'.$start))->setTimezone($zone)->format('Y-m-d')][] = [$step, $start, $end];
            }
        }
        ksort($days);

        return array_values(array_map(static fn (array $blocks): PlanDayView => new PlanDayView(
            (string) Iso::of(new \DateTimeImmutable('@'.min(array_column($blocks, 1)))),
            (string) Iso::of(new \DateTimeImmutable('@'.max(array_column($blocks, 2)))),
            array_sum(array_map(static fn (array $b): float => ($b[2] - $b[1]) / 60, $blocks)),
            array_column($blocks, 0),
        ), $days));
    }
}

<?php

declare(strict_types=1);

namespace KindHeel\App\Plan;

use KindHeel\App\Clock\Iso;
use KindHeel\App\Timetable\HandsDay;
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
        return array_map(
            static fn (HandsDay $d): PlanDayView => new PlanDayView((string) Iso::of($d->from), (string) Iso::of($d->until), $d->minutes, $d->steps),
            $this->timetable->read()->handsOf([$piece], new \DateTimeZone($this->workshopTimezone)),
        );
    }
}

<?php

declare(strict_types=1);

namespace KindHeel\App\Workshop;

/** The usual hours of a day of the week, 1 for Monday to 7. */
final readonly class DayHoursView
{
    /** @param list<ShiftView> $shifts */
    public function __construct(public int $day, public array $shifts)
    {
    }
}

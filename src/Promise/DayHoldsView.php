<?php

declare(strict_types=1);

namespace KindHeel\App\Promise;

/** A working day that may be promised instead. */
final readonly class DayHoldsView
{
    /** @param non-empty-list<HourHoldsView> $hours from when somebody is here until the last goes home, each half hour */
    public function __construct(public array $hours)
    {
    }
}

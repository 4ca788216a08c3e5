<?php

declare(strict_types=1);

namespace KindHeel\App\Workshop;

/** Days and hours at which somebody is here, to choose from. */
final readonly class WorkingDaysView
{
    /** @param list<list<string>> $days the hours of each */
    public function __construct(public array $days)
    {
    }
}

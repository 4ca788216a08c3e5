<?php

declare(strict_types=1);

namespace KindHeel\App\Settings;

/** What stands at the head of every paper, how hours are said, and when what is not fetched is asked after. */
final readonly class IdentityView
{
    public const USUAL_UNCOLLECTED = 21;

    public function __construct(
        public string $name = '',
        /** lines of it */
        public string $address = '',
        /** telephone, letters */
        public string $reach = '',
        public HourClock $clock = HourClock::TwentyFour,
        /** after so many days on the ready shelf it is said that something has not been fetched */
        public int $uncollectedDays = self::USUAL_UNCOLLECTED,
        /** somebody’s own things are looked after here, and nobody else’s: no counter, no offers, no promises */
        public bool $home = false,
    ) {
    }
}

<?php

declare(strict_types=1);

namespace KindHeel\App\Demo;

/** When the demo opens: whoever looks at it, at whatever hour, finds a working day at twenty past ten. */
final class DemoMorning
{
    private const SUNDAY = '7';

    /** On the day that it is here; on a Sunday, when the yard is shut, on the Monday after it. */
    public static function ofToday(\DateTimeImmutable $now, \DateTimeZone $zone): \DateTimeImmutable
    {
        $morning = $now->setTimezone($zone)->setTime(10, 20);

        return self::SUNDAY === $morning->format('N') ? $morning->modify('+1 day') : $morning;
    }

    /** The one that comes next after a moment at which nobody is there. */
    public static function after(\DateTimeImmutable $now, \DateTimeZone $zone): \DateTimeImmutable
    {
        $morning = self::ofToday($now, $zone);

        return $morning > $now ? $morning : self::ofToday($now->modify('+1 day'), $zone);
    }
}

<?php

declare(strict_types=1);

namespace KindHeel\Core\Schedule;

/** How much longer a coat gets that has failed its gate test. */
final class RetryDelay
{
    /** A quarter of the time it has had so far, in fives of minutes: at least five, at most two hours. */
    public static function more(\DateTimeImmutable $laidAt, \DateTimeImmutable $now): int
    {
        $waited = max(0, $now->getTimestamp() - $laidAt->getTimestamp()) / 60;

        return (int) max(5, min(120, 5 * ceil($waited / 20)));
    }
}

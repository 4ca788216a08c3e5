<?php

declare(strict_types=1);

namespace KindHeel\App\Clock;

/** How long a search may go on; core knows no clock. */
final class Deadline
{
    /** @return \Closure(): bool true until so many milliseconds have passed */
    public static function in(float $milliseconds): \Closure
    {
        $end = hrtime(true) + $milliseconds * 1e6;

        return static fn (): bool => hrtime(true) < $end;
    }

    /**
     * Counts from when a script called: what PHP needed to begin (bin/console notes when that was) is taken off.
     *
     * @return \Closure(): bool
     */
    public static function ofCall(float $milliseconds): \Closure
    {
        $called = (float) getenv('CALLED_AT');

        return self::in($called > 0.0 ? max(0.0, $milliseconds - 1e3 * (microtime(true) - $called)) : $milliseconds);
    }
}

<?php

declare(strict_types=1);

namespace KindHeel\App\Compute;

/** How long a search may go on; core knows no clock. */
final class Deadline
{
    /** @return \Closure(): bool true until so many milliseconds have passed */
    public static function in(float $milliseconds): \Closure
    {
        $end = hrtime(true) + $milliseconds * 1e6;

        return static fn (): bool => hrtime(true) < $end;
    }
}

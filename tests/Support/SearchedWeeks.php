<?php

declare(strict_types=1);

namespace KindHeel\Tests\Support;

use KindHeel\App\Compute\ScheduleReader;
use KindHeel\Core\Schedule\Solve\Problem;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Small weeks as problems, and the chance that a search over them is given. */
trait SearchedWeeks
{
    private static function week(int $seed, int $steps): Problem
    {
        return self::problem(SmallShop::week($seed, $steps));
    }

    /** @param mixed $input as a script gives it */
    private static function problem(mixed $input): Problem
    {
        return (new ScheduleReader())->problem(json_decode(json_encode($input, \JSON_THROW_ON_ERROR), flags: \JSON_THROW_ON_ERROR));
    }

    /** @return \Closure(int): int */
    private static function random(int $seed): \Closure
    {
        $random = new Randomizer(new Mt19937($seed));

        return static fn (int $sides): int => $random->getInt(0, $sides - 1);
    }
}

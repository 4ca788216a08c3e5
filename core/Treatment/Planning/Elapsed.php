<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Planning;

/** How long a plan takes one pair of hands that never sleeps: always the first step that may be begun. */
final class Elapsed
{
    /** @param list<PlannedStep> $steps in a workable order */
    public static function minutes(array $steps): float
    {
        $now = 0.0;
        $ends = [];
        $open = $steps;
        while ([] !== $open) {
            $best = null;
            $bestStart = \INF;
            foreach ($open as $i => $step) {
                $start = self::earliest($step, $ends, $now);
                if ($start < $bestStart) {
                    [$best, $bestStart] = [$i, $start];
                }
            }
            if (null === $best) {
                throw new \LogicException('A step waits for one that never comes.');
            }
            $now = $bestStart + $open[$best]->minutes;
            $ends[$open[$best]->step->id] = $now;
            unset($open[$best]);
        }

        return $now;
    }

    /** @param array<string, float> $ends */
    private static function earliest(PlannedStep $step, array $ends, float $now): float
    {
        $start = $now;
        foreach ($step->waits as $wait) {
            if (!isset($ends[$wait->bond->step])) {
                return \INF;
            }
            $start = max($start, $ends[$wait->bond->step] + ($wait->minMinutes ?? 0.0));
        }

        return $start;
    }
}

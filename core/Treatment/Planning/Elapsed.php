<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Planning;

/** How long a plan takes one pair of hands that never sleeps: always the first step that may be begun. */
final class Elapsed
{
    /**
     * @param list<PlannedStep> $steps in a workable order
     * @param int               $done  how many of the first have just been done: they take no time, and their coats are fresh
     * @param bool              $all   what is held back behind a look as well
     */
    public static function minutes(array $steps, int $done = 0, bool $all = false): float
    {
        $held = [];
        foreach ($all ? [] : $steps as $step) {
            $held[$step->step->id] = null !== $step->step->ifNeededAfter;
        }
        $open = [];
        $followers = [];
        $byId = [];
        $position = [];
        foreach ($steps as $i => $step) {
            $byId[$step->step->id] = $step;
            $position[$step->step->id] = $i;
            $open[$step->step->id] = \count($step->waits);
            foreach ($step->waits as $wait) {
                $followers[$wait->bond->step][] = $step->step->id;
            }
        }
        $ready = array_keys(array_filter($open, static fn (int $n): bool => 0 === $n));
        $now = 0.0;
        $ends = [];
        for ($left = \count($steps); $left > 0; --$left) {
            $best = null;
            $bestStart = \INF;
            foreach ($ready as $i => $id) {
                $start = $position[$id] < $done ? 0.0 : self::earliest($byId[$id], $ends, $now, $held);
                if ($start < $bestStart || $start === $bestStart && null !== $best && $position[$id] < $position[$ready[$best]]) {
                    [$best, $bestStart] = [$i, $start];
                }
            }
            if (null === $best) {
                throw new \LogicException('A step waits for one that never comes.');
            }
            $id = $ready[$best];
            unset($ready[$best]);
            $now = $position[$id] < $done ? 0.0 : $bestStart + (($held[$id] ?? false) ? 0.0 : $byId[$id]->minutes);
            $ends[$id] = $now;
            foreach ($followers[$id] ?? [] as $follower) {
                if (0 === --$open[$follower]) {
                    $ready[] = $follower;
                }
            }
        }

        return $now;
    }

    /**
     * @param array<string, float> $ends
     * @param array<string, bool>  $held steps that do not come: nothing dries for them
     */
    private static function earliest(PlannedStep $step, array $ends, float $now, array $held): float
    {
        $start = $now;
        foreach ($step->waits as $wait) {
            $start = max($start, $ends[$wait->bond->step] + (($held[$wait->bond->step] ?? false) ? 0.0 : $wait->minMinutes ?? 0.0));
        }

        return $start;
    }
}

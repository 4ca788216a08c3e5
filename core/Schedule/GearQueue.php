<?php

declare(strict_types=1);

namespace KindHeel\Core\Schedule;

use KindHeel\Core\Schedule\Solve\Activity;
use KindHeel\Core\Schedule\Solve\Lag;

/**
 * Who has which pair of trees after whom. Where there are fewer than pieces that want one, each next piece waits for the one that is free the soonest, were
 * nothing else in its way: so every search plans for them by a wait between two steps, and no more are ever in use than there are.
 */
final readonly class GearQueue
{
    /**
     * Activities with those waits.
     *
     * @param list<Job>                      $jobs
     * @param array<string, int>             $gear  how many there are, by name; one that is not named is never short
     * @param list<Activity>                 $works
     * @param array<int, array<string, int>> $first activity with which a step begins, by piece and key
     * @param array<int, array<string, int>> $last  activity with which it ends
     *
     * @return list<Activity>
     */
    public static function queued(array $jobs, array $gear, array $works, array $first, array $last): array
    {
        // What is due first is served first.
        usort($jobs, static fn (Job $a, Job $b): int => [$a->due, $a->piece] <=> [$b->due, $b->piece]);
        $held = $wanted = [];
        foreach ($jobs as $job) {
            foreach ($job->holdings as $holding) {
                $gives = $last[$job->piece][$holding->until] ?? null;
                $from = $job->tasks[$holding->from] ?? null;
                if (!isset($gear[$holding->gear]) || null === $gives || null === $from || null !== $job->tasks[$holding->until]->doneAt) {
                    continue;
                }
                if (null !== $from->doneAt || $from->running) {
                    $held[$holding->gear][] = $gives;
                } else {
                    $wanted[$holding->gear][] = [$first[$job->piece][$holding->from], $gives];
                }
            }
        }
        $soonest = null;
        foreach ($wanted as $name => $pairs) {
            if (\count($held[$name] ?? []) + \count($pairs) <= $gear[$name]) {
                continue;
            }
            $soonest ??= self::soonest($works);
            // Of each: when it is free, and which activity gives it back.
            $free = array_map(static fn (int $gives): array => [$soonest[$gives] + $works[$gives]->minutes, $gives], $held[$name] ?? []);
            sort($free);
            // Where more are in use than there are any more, the first that come back are not lent again.
            $free = \array_slice($free, max(0, \count($free) - $gear[$name]));
            $free = array_pad($free, -$gear[$name], [\PHP_INT_MIN, -1]);
            foreach ($pairs as [$takes, $gives]) {
                sort($free);
                [$at, $after] = $free[0] ?? [\PHP_INT_MIN, -1];
                if ($after >= 0 && !self::waitsFor($works, $after, $takes)) {
                    $works[$takes] = $works[$takes]->waitingAlsoFor(new Lag($after, 0, null));
                }
                $free[0] = [max($at, $soonest[$takes]) + $soonest[$gives] - $soonest[$takes] + $works[$gives]->minutes, $gives];
            }
        }

        return array_values($works);
    }

    /**
     * When each could begin if nothing were short, in minutes from now.
     *
     * @param array<int, Activity> $works each after what it waits for
     *
     * @return array<int, int>
     */
    private static function soonest(array $works): array
    {
        $soonest = [];
        foreach ($works as $i => $work) {
            $soonest[$i] = $work->fixedStart ?? max([
                0,
                ...array_map(static fn (Lag $l): int => $soonest[$l->step] + $works[$l->step]->minutes + $l->min, $work->after),
            ]);
        }

        return $soonest;
    }

    /**
     * Whether one waits for the other, near or far: then it cannot be the other way round too.
     *
     * @param array<int, Activity> $works
     */
    private static function waitsFor(array $works, int $one, int $other): bool
    {
        $seen = [];
        $open = [$one];
        while ([] !== $open) {
            $i = array_pop($open);
            if ($i === $other) {
                return true;
            }
            foreach ($works[$i]->after as $lag) {
                if (!isset($seen[$lag->step])) {
                    $seen[$lag->step] = true;
                    $open[] = $lag->step;
                }
            }
        }

        return false;
    }
}

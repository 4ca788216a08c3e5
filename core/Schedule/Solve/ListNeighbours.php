<?php

declare(strict_types=1);

namespace KindHeel\Core\Schedule\Solve;

/**
 * Activity lists beside an activity list. Most change what is critical for a late job: of two steps that follow each other at one person or one place, the
 * later goes before the earlier, or one of them to somebody else (after Van Laarhoven, Aarts and Lenstra 1992); the others move a whole job, or any step.
 */
final readonly class ListNeighbours
{
    private const PERCENT_OF_JOBS = 30;
    private const PERCENT_CRITICAL = 70;
    private const PERCENT_ASKED = 8;
    private const PERCENT_NEAR = 20;
    private const NEAR = 8;
    private const LONGEST_WAY = 200;

    /** @var list<int> */
    private array $minutes;
    /** @var list<int> index of the station, -1 for none */
    private array $place;
    /** @var array<int, list<int>> who can do a step, where there is a choice */
    private array $able;

    /** @param \Closure(int): int $random */
    public function __construct(private ActivityLists $lists, private \Closure $random)
    {
        $problem = $lists->problem;
        $this->minutes = array_map(static fn (Activity $w): int => $w->minutes, $problem->steps);
        $this->place = array_map(static fn (Activity $w): int => 0 === $w->minutes ? -1 : $w->station ?? -1, $problem->steps);
        $able = [];
        foreach ($problem->steps as $i => $work) {
            $hands = $work->attended ? $problem->able($work) : [];
            if (\count($hands) > 1 && !$work->isFixed()) {
                $able[$i] = $hands;
            }
        }
        $this->able = $able;
    }

    /** @return array{list<int>, array<int, int>}|null order and who is asked; null where the move was none */
    public function oneOf(PlacedList $now): ?array
    {
        if ($this->throw(100) < self::PERCENT_OF_JOBS) {
            return $this->moveJob($now);
        }
        $dice = $this->throw(100);
        if ($dice < self::PERCENT_CRITICAL) {
            $pairs = $this->criticalPairs($now);
            if ([] !== $pairs) {
                return $this->turn($now, $pairs[$this->throw(\count($pairs))]);
            }
        }
        $n = \count($now->order);
        $asked = $now->asked;
        if ($dice >= self::PERCENT_CRITICAL && $dice < self::PERCENT_CRITICAL + self::PERCENT_ASKED) {
            $asked = $this->askAnother($asked, $now->order[$this->throw($n)]);
        }
        $from = $this->throw($n);
        $to = $dice < self::PERCENT_CRITICAL + self::PERCENT_NEAR
            ? max(0, min($n - 1, $from + $this->throw(2 * self::NEAR + 1) - self::NEAR))
            : $this->throw($n);
        $order = $from === $to ? null : ($to < $from ? $this->before($now->order, $from, $to) : $this->after($now->order, $from, $to));

        return null === $order ? null : [$order, $asked];
    }

    /**
     * @param array{int, int, bool} $pair
     *
     * @return array{list<int>, array<int, int>}|null
     */
    private function turn(PlacedList $now, array $pair): ?array
    {
        [$first, $second, $atPerson] = $pair;
        if ($atPerson && 0 === $this->throw(4)) {
            $step = 0 === $this->throw(2) ? $first : $second;
            if (isset($this->able[$step])) {
                return [$now->order, $this->askAnother($now->asked, $step)];
            }
        }
        $rank = array_flip($now->order);
        $order = 0 === $this->throw(2)
            ? $this->before($now->order, $rank[$second], $rank[$first])
            : $this->after($now->order, $rank[$first], $rank[$second]);

        return null === $order ? null : [$order, $now->asked];
    }

    /**
     * @param array<int, int> $asked
     *
     * @return array<int, int>
     */
    private function askAnother(array $asked, int $step): array
    {
        if (isset($asked[$step]) && 0 === $this->throw(2)) {
            unset($asked[$step]);
        } elseif (isset($this->able[$step])) {
            $asked[$step] = $this->able[$step][$this->throw(\count($this->able[$step]))];
        }

        return $asked;
    }

    /**
     * A job, or the end of one, goes elsewhere in the list as a whole.
     *
     * @return array{list<int>, array<int, int>}|null null where a step of another job stands between its own
     */
    private function moveJob(PlacedList $now): ?array
    {
        $steps = $this->lists->problem->steps;
        $job = $steps[$now->order[$this->throw(\count($now->order))]]->job;
        $moved = array_values(array_filter($now->order, static fn (int $i): bool => $steps[$i]->job === $job));
        $way = $this->throw(4);
        $kept = 0 === $way ? $this->throw(\count($moved)) : 0;
        $last = $kept > 0 ? $moved[$kept - 1] : -1;
        $moved = \array_slice($moved, $kept);
        $set = array_flip($moved);
        $rest = array_values(array_filter($now->order, static fn (int $i): bool => !isset($set[$i])));
        $to = match ($way) {
            // The end of it, soon after what is kept.
            0 => ($kept > 0 ? 1 + (int) array_search($last, $rest, true) : 0) + $this->throw(6),
            1 => $this->throw(\count($rest) + 1),
            // Not later than it ends now.
            default => $this->throw(1 + (int) array_search($moved[\count($moved) - 1], $now->order, true)),
        };
        $needed = [];
        foreach ($moved as $i) {
            $needed += $this->lists->ancestors[$i];
        }
        $early = $waiting = $up = $late = [];
        foreach ($rest as $k => $i) {
            $waits = [] !== array_intersect_key($this->lists->ancestors[$i], $set);
            if ($waits && isset($needed[$i])) {
                return null;
            }
            if ($k < $to) {
                // What waits for the job comes after it.
                $waits ? $waiting[] = $i : $early[] = $i;
            } else {
                // What the job waits for comes before it.
                isset($needed[$i]) ? $up[] = $i : $late[] = $i;
            }
        }

        return [[...$early, ...$up, ...$moved, ...$waiting, ...$late], $now->asked];
    }

    /**
     * Pairs that follow each other at a person or a place, on the way that leads to the end of a job that is late (or of any, where none is).
     *
     * @return list<array{int, int, bool}> the earlier, the later, and whether it is a person
     */
    private function criticalPairs(PlacedList $now): array
    {
        $starts = $now->starts;
        $step = $this->endOfALateJob($now);
        [$atPerson, $atPlace] = $this->followed($now);
        $pulledBy = $now->pulledBy;
        $pairs = [];
        for ($guard = 0; $step >= 0 && $guard < self::LONGEST_WAY; ++$guard) {
            $ready = $next = -1;
            foreach ($this->lists->problem->steps[$step]->after as $lag) {
                $end = $starts[$lag->step] + $this->minutes[$lag->step] + $lag->min;
                if ($end > $ready) {
                    [$ready, $next] = [$end, $lag->step];
                }
            }
            $pair = null;
            foreach ([[$atPerson[$step] ?? -1, true], [$atPlace[$step] ?? -1, false]] as [$before, $person]) {
                if ($before >= 0 && $starts[$before] + $this->minutes[$before] >= $ready) {
                    $ready = $starts[$before] + $this->minutes[$before];
                    $next = $before;
                    $pair = [$before, $step, $person];
                }
            }
            if (isset($pulledBy[$step]) && $ready < $starts[$step]) {
                // It waits for the one that would miss its window.
                $next = $pulledBy[$step];
                unset($pulledBy[$step]);
                $pair = null;
            }
            if (null !== $pair && !isset($this->lists->fixed->starts[$pair[0]])) {
                $pairs[] = $pair;
            }
            $step = isset($this->lists->fixed->starts[$next]) ? -1 : $next;
        }

        return $pairs;
    }

    /** The last step of a job, by chance and by what its lateness costs; -1 where it is fixed. */
    private function endOfALateJob(PlacedList $now): int
    {
        $sums = [];
        $sum = 0;
        foreach ($this->lists->problem->jobs as $job) {
            [$end, $last] = [\PHP_INT_MIN, -1];
            foreach ($job->steps as $i) {
                if ($now->starts[$i] + $this->minutes[$i] > $end) {
                    [$end, $last] = [$now->starts[$i] + $this->minutes[$i], $i];
                }
            }
            $cost = $now->worth[0] > 0.0 ? $job->weight * ($end - $job->due) : $end;
            $sum += $cost > 0 ? 1 + (int) sqrt($cost) : 0;
            $sums[] = [$sum, $last];
        }
        $dice = $sum > 0 ? $this->throw($sum) : 0;
        foreach ($sums as [$until, $last]) {
            if ($dice < $until) {
                return isset($this->lists->fixed->starts[$last]) ? -1 : $last;
            }
        }

        return -1;
    }

    /** @return array{array<int, int>, array<int, int>} the step before each at its person, and the one that left it its place */
    private function followed(PlacedList $now): array
    {
        $atPerson = $atPlace = $lastHere = [];
        /** @var array<int, non-empty-list<int>> $there */
        $there = [];
        foreach ($now->order as $i) {
            if (0 === $this->minutes[$i]) {
                continue;
            }
            $worker = $now->workers[$i];
            if ($worker >= 0) {
                if (isset($lastHere[$worker])) {
                    $atPerson[$i] = $lastHere[$worker];
                }
                $lastHere[$worker] = $i;
            }
            $place = $this->place[$i];
            if ($place < 0) {
                continue;
            }
            $places = $this->lists->problem->places[$place];
            if (\count($there[$place] ?? []) >= $places) {
                $ends = [];
                foreach ($there[$place] as $j) {
                    $ends[$j] = $now->starts[$j] + $this->minutes[$j];
                }
                arsort($ends);
                $atPlace[$i] = array_keys($ends)[$places - 1] ?? -1;
            }
            $there[$place][] = $i;
        }

        return [$atPerson, $atPlace];
    }

    /**
     * The step at `$from` goes before the one at `$to`, and what it waits for and stands between goes with it.
     *
     * @param list<int> $order
     *
     * @return list<int>|null null where it waits for that one
     */
    private function before(array $order, int $from, int $to): ?array
    {
        $step = $order[$from];
        $ancestors = $this->lists->ancestors[$step];
        if (isset($ancestors[$order[$to]])) {
            return null;
        }
        $goes = $stays = [];
        for ($k = $to; $k < $from; ++$k) {
            isset($ancestors[$order[$k]]) ? $goes[] = $order[$k] : $stays[] = $order[$k];
        }
        array_splice($order, $to, $from - $to + 1, [...$goes, $step, ...$stays]);

        return $order;
    }

    /**
     * The step at `$from` goes after the one at `$to`, and what waits for it and stands between goes with it.
     *
     * @param list<int> $order
     *
     * @return list<int>|null null where that one waits for it
     */
    private function after(array $order, int $from, int $to): ?array
    {
        $step = $order[$from];
        if (isset($this->lists->ancestors[$order[$to]][$step])) {
            return null;
        }
        $goes = $stays = [];
        for ($k = $from + 1; $k <= $to; ++$k) {
            isset($this->lists->ancestors[$order[$k]][$step]) ? $goes[] = $order[$k] : $stays[] = $order[$k];
        }
        array_splice($order, $from, $to - $from + 1, [...$stays, $step, ...$goes]);

        return $order;
    }

    private function throw(int $sides): int
    {
        return ($this->random)($sides);
    }
}

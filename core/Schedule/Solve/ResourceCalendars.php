<?php

declare(strict_types=1);

namespace KindHeel\Core\Schedule\Solve;

/**
 * Who and what is free when. Finds the earliest gap that suits a step; gaps before what is placed already count.
 *
 * Free stretches are kept as two rising lists of minutes for each person and each station with a single place; a station with more places keeps how many
 * are taken from each minute on. A clone is a cheap way back.
 */
final class ResourceCalendars
{
    public const NEVER = \PHP_INT_MAX;

    /** Who was found by {@see earliest()}; -1 for nobody. */
    public int $worker = -1;
    /** @var array<int, array<int, int>> where free stretches begin, by person and then by station */
    private array $from = [];
    /** @var array<int, array<int, int>> where they end */
    private array $to = [];
    /** @var array<int, array<int, int>> minutes from which a number of places is taken, by station with several */
    private array $times = [];
    /** @var array<int, array<int, int>> */
    private array $taken = [];
    /** @var list<int> */
    private readonly array $minutes;
    /** @var list<bool> */
    private readonly array $attended;
    /** @var list<int> index of the station among all resources, -1 for none */
    private readonly array $place;
    /** @var list<list<int>> who can do a step, those with the fewest skills first */
    private readonly array $able;
    /** @var list<list<array{int, int}>> */
    private readonly array $shifts;
    /** @var array<int, int> */
    private readonly array $capacity;
    /** Null where going from piece to piece costs nothing. */
    private ?SetUps $setUps;

    public function __construct(Problem $problem)
    {
        $this->setUps = $problem->hasSetUp() ? new SetUps($problem) : null;
        foreach ($problem->workers as $worker) {
            $this->from[] = array_column($worker->shifts, 0);
            $this->to[] = array_column($worker->shifts, 1);
        }
        $this->shifts = array_map(static fn (Worker $h): array => $h->shifts, $problem->workers);
        $people = \count($problem->workers);
        $capacity = [];
        foreach ($problem->places as $p => $places) {
            $capacity[$people + $p] = $places;
            $this->from[] = 1 === $places ? [\PHP_INT_MIN] : [];
            $this->to[] = 1 === $places ? [\PHP_INT_MAX] : [];
            if ($places > 1) {
                $this->times[$people + $p] = [\PHP_INT_MIN];
                $this->taken[$people + $p] = [0];
            }
        }
        $this->capacity = $capacity;
        $skilled = array_keys($problem->workers);
        usort($skilled, static fn (int $a, int $b): int => [\count($problem->workers[$a]->skills), $a] <=> [\count($problem->workers[$b]->skills), $b]);
        $this->minutes = array_map(static fn (Activity $w): int => $w->minutes, $problem->steps);
        $this->attended = array_map(static fn (Activity $w): bool => $w->attended, $problem->steps);
        $ample = self::ample($problem);
        $this->place = array_map(
            static fn (Activity $w): int => null === $w->station || isset($ample[$w->station]) ? -1 : $people + $w->station,
            $problem->steps,
        );
        // Nobody is looked for who does what is fixed.
        $this->able = array_map(
            static fn (Activity $w): array => $w->isFixed() ? [] : array_values(array_intersect($skilled, $problem->able($w))),
            $problem->steps,
        );
    }

    /**
     * Stations that are never full: whatever is done there is done by somebody, and there are as many places as people. Nobody has to keep count of those.
     *
     * @return array<int, true> by station
     */
    private static function ample(Problem $problem): array
    {
        $ample = array_fill_keys(array_keys(array_filter($problem->places, static fn (int $n): bool => $n >= \count($problem->workers))), true);
        $fixed = [];
        foreach ($problem->steps as $work) {
            if (null === $work->station || 0 === $work->minutes) {
                continue;
            }
            if (!$work->attended) {
                unset($ample[$work->station]);
            } elseif ($work->isFixed()) {
                $fixed[$work->station][$work->fixedPerson ?? -1][] = [(int) $work->fixedStart, $work->fixedStart + $work->minutes];
            }
        }
        foreach ($fixed as $station => $byPerson) {
            foreach ($byPerson as $person => $done) {
                sort($done);
                $until = \PHP_INT_MIN;
                foreach ($done as [$start, $end]) {
                    // What was done by nobody, or by one at two things at once, takes a place of its own.
                    if ($person < 0 || $start < $until) {
                        unset($ample[$station]);
                    }
                    $until = max($until, $end);
                }
            }
        }

        return $ample;
    }

    /**
     * The earliest start from `$from` on, {@see NEVER} when there is none; who does it stands in {@see $worker}.
     *
     * @param int $only the one person who may, -1 for anybody who can
     */
    public function earliest(int $step, int $from, int $only = -1): int
    {
        $this->worker = -1;
        $minutes = $this->minutes[$step];
        $place = $this->place[$step];
        if (!$this->attended[$step]) {
            return $place < 0 || 0 === $minutes ? $from : $this->room($place, $from, $minutes);
        }
        if (0 === $minutes) {
            return $this->instant($step, $from);
        }
        $best = self::NEVER;
        foreach ($only < 0 ? $this->able[$step] : [$only] as $worker) {
            // Of two who could begin at once it stays with the one who had the piece before.
            $before = self::NEVER !== $best && $this->setUps?->hand($step, $best) === $worker ? $best + 1 : $best;
            $at = $this->hand($step, $worker, $from, $minutes, $before);
            while ($at < $before) {
                $next = $place < 0 ? $at : $this->room($place, $at, $minutes);
                if ($next === $at) {
                    $best = $at;
                    $this->worker = $worker;

                    break;
                }
                $at = $this->hand($step, $worker, $next, $minutes, $before);
            }
        }

        return $best;
    }

    /** @return list<array{int, int}> from and until, a person's free stretches in their order */
    public function stretches(int $worker): array
    {
        $stretches = [];
        foreach ($this->from[$worker] as $k => $from) {
            $stretches[] = [$from, $this->to[$worker][$k]];
        }

        return $stretches;
    }

    /** @param int $worker -1 for nobody */
    public function take(int $step, int $start, int $worker): void
    {
        $minutes = $this->minutes[$step];
        if (0 === $minutes) {
            return;
        }
        if ($worker >= 0) {
            $this->cut($worker, $start, $start + $minutes);
            $this->setUps?->take($step, $start, $worker);
        }
        $place = $this->place[$step];
        if ($place >= 0) {
            isset($this->times[$place]) ? $this->occupy($place, $start, $start + $minutes) : $this->cut($place, $start, $start + $minutes);
        }
    }

    /**
     * {@see take()} for many at once, before anything else has been taken.
     *
     * @param array<int, int> $starts  by step
     * @param array<int, int> $workers by step, -1 for nobody
     */
    public function takeAll(array $starts, array $workers): void
    {
        // In their order: what follows without a gap is taken in one stretch.
        asort($starts);
        $steps = $stretches = [];
        foreach ($starts as $step => $start) {
            $minutes = $this->minutes[$step];
            if (0 === $minutes) {
                continue;
            }
            $place = $this->place[$step];
            if ($place >= 0 && isset($this->times[$place])) {
                $steps[$place][$start] = ($steps[$place][$start] ?? 0) + 1;
                $steps[$place][$start + $minutes] = ($steps[$place][$start + $minutes] ?? 0) - 1;
            } elseif ($place >= 0) {
                self::lengthen($stretches[$place], $start, $start + $minutes);
            }
            if ($workers[$step] >= 0) {
                self::lengthen($stretches[$workers[$step]], $start, $start + $minutes);
                $this->setUps?->take($step, $start, $workers[$step]);
            }
        }
        foreach ($stretches as $resource => $ofResource) {
            foreach ($ofResource as [$start, $end]) {
                $this->cut($resource, $start, $end);
            }
        }
        foreach ($steps as $place => $changes) {
            ksort($changes);
            $taken = 0;
            foreach ($changes as $minute => $change) {
                $taken += $change;
                $this->times[$place][] = $minute;
                $this->taken[$place][] = $taken;
            }
        }
    }

    /**
     * Takes one more into stretches that rise: into the last of them where they touch.
     *
     * @param list<array{int, int}>|null $stretches
     *
     * @param-out non-empty-list<array{int, int}> $stretches
     */
    private static function lengthen(?array &$stretches, int $start, int $end): void
    {
        $last = null === $stretches ? -1 : \count($stretches) - 1;
        if ($last >= 0 && $start <= $stretches[$last][1]) {
            $stretches[$last][1] = max($stretches[$last][1], $end);
        } else {
            $stretches[] = [$start, $end];
        }
    }

    public function __clone()
    {
        $this->setUps = null === $this->setUps ? null : clone $this->setUps;
    }

    /** When a person can begin with a step, what the step needs before it counted. */
    private function hand(int $step, int $worker, int $from, int $minutes, int $before): int
    {
        $setUps = $this->setUps;
        if (null === $setUps) {
            return $this->gap($worker, $from, $minutes, $before);
        }
        while (true) {
            $at = $this->gap($worker, $from, $minutes, $before);
            if ($at >= $before) {
                return self::NEVER;
            }
            [$opens, $closes] = $this->stretch($worker, $at);
            while ($at + $minutes <= $closes) {
                if ($at >= $before) {
                    return self::NEVER;
                }
                $need = $setUps->before($step, $at, $worker);
                if ($at - $need < $opens) {
                    $at = $opens + $need;
                    continue;
                }
                if (!$setUps->leavesTheNext($step, $at, $worker)) {
                    break;
                }
                $spoilt = $setUps->spoils($step, $at, $worker);
                if (null === $spoilt) {
                    return $at;
                }
                $at = $spoilt;
            }
            $from = max($closes, $at);
            if (self::NEVER === $from) {
                return self::NEVER;
            }
        }
    }

    /** @return array{int, int} the free stretch in which this minute lies */
    private function stretch(int $worker, int $at): array
    {
        $begins = $this->from[$worker];
        $low = 0;
        $high = \count($begins);
        while ($low < $high) {
            $middle = ($low + $high) >> 1;
            if ($begins[$middle] <= $at) {
                $low = $middle + 1;
            } else {
                $high = $middle;
            }
        }

        return [$begins[$low - 1], $this->to[$worker][$low - 1]];
    }

    /** The first free stretch of a person, or of a station with one place, that is long enough and begins before `$before`. */
    public function gap(int $resource, int $from, int $minutes, int $before = self::NEVER): int
    {
        $ends = $this->to[$resource];
        $until = $from + $minutes;
        $low = 0;
        $high = $n = \count($ends);
        while ($low < $high) {
            $middle = ($low + $high) >> 1;
            if ($ends[$middle] < $until) {
                $low = $middle + 1;
            } else {
                $high = $middle;
            }
        }
        for ($begins = $this->from[$resource]; $low < $n; ++$low) {
            $at = $begins[$low];
            if ($at < $from) {
                return $from;
            }
            if ($at >= $before) {
                return self::NEVER;
            }
            if ($at + $minutes <= $ends[$low]) {
                return $at;
            }
        }

        return self::NEVER;
    }

    /** From when a place of a station is free for so long. */
    private function room(int $place, int $from, int $minutes): int
    {
        if (!isset($this->times[$place])) {
            return $this->gap($place, $from, $minutes, self::NEVER);
        }
        $times = $this->times[$place];
        $taken = $this->taken[$place];
        $full = $this->capacity[$place];
        $low = 0;
        $high = $n = \count($times);
        while ($low < $high) {
            $middle = ($low + $high) >> 1;
            if ($times[$middle] <= $from) {
                $low = $middle + 1;
            } else {
                $high = $middle;
            }
        }
        for ($k = $low - 1; $k < $n && ($k < $low || $times[$k] < $from + $minutes); ++$k) {
            if ($taken[$k] >= $full) {
                $from = $times[$k + 1] ?? self::NEVER;
            }
        }

        return $from;
    }

    /** A step that takes no time takes nobody, but somebody who can must be here. */
    private function instant(int $step, int $from): int
    {
        $best = self::NEVER;
        foreach ($this->able[$step] as $worker) {
            foreach ($this->shifts[$worker] as [$opens, $closes]) {
                if ($closes >= $from) {
                    if (max($from, $opens) < $best) {
                        $best = max($from, $opens);
                        $this->worker = $worker;
                    }

                    break;
                }
            }
        }

        return $best;
    }

    /** Takes a stretch out of what is free; what is fixed may lie over several stretches or none. */
    private function cut(int $resource, int $start, int $end): void
    {
        $ends = $this->to[$resource];
        $low = 0;
        $high = $n = \count($ends);
        while ($low < $high) {
            $middle = ($low + $high) >> 1;
            if ($ends[$middle] <= $start) {
                $low = $middle + 1;
            } else {
                $high = $middle;
            }
        }
        while ($low < $n && $this->from[$resource][$low] < $end) {
            $begins = $this->from[$resource][$low];
            $closes = $this->to[$resource][$low];
            if ($begins >= $start && $closes <= $end) {
                array_splice($this->from[$resource], $low, 1);
                array_splice($this->to[$resource], $low, 1);
                --$n;

                continue;
            }
            if ($begins >= $start) {
                $this->from[$resource][$low] = $end;

                return;
            }
            $this->to[$resource][$low] = $start;
            if ($closes > $end) {
                array_splice($this->from[$resource], $low + 1, 0, [$end]);
                array_splice($this->to[$resource], $low + 1, 0, [$closes]);

                return;
            }
            ++$low;
        }
    }

    /** One place more is taken for a while. */
    private function occupy(int $place, int $start, int $end): void
    {
        $first = $this->mark($place, $start);
        $last = $this->mark($place, $end);
        for ($k = $first; $k < $last; ++$k) {
            ++$this->taken[$place][$k];
        }
    }

    /** The index of the entry that begins at this minute; makes it where there is none. */
    private function mark(int $place, int $minute): int
    {
        $times = $this->times[$place];
        $low = 0;
        $high = \count($times);
        while ($low < $high) {
            $middle = ($low + $high) >> 1;
            if ($times[$middle] < $minute) {
                $low = $middle + 1;
            } else {
                $high = $middle;
            }
        }
        if (($times[$low] ?? null) !== $minute) {
            // Else it would be copied before it is changed.
            unset($times);
            array_splice($this->times[$place], $low, 0, [$minute]);
            array_splice($this->taken[$place], $low, 0, [$this->taken[$place][$low - 1]]);
        }

        return $low;
    }
}

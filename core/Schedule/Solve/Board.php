<?php

declare(strict_types=1);

namespace KindHeel\Core\Schedule\Solve;

/** Who and what is taken when. Finds the earliest gap that suits a step; gaps before what is placed already count. */
final class Board
{
    /** @var list<list<array{int, int, int}>> from, until and step, by person, in time order */
    private array $hands;
    /** @var list<list<array{int, int, int}>> by station */
    private array $stations;
    /** @var array<int, int> longest stay at each station */
    private array $longest;
    private int $longestByHand = 1;

    public function __construct(private readonly Problem $problem)
    {
        $this->hands = array_fill(0, \count($problem->hands), []);
        $this->stations = array_fill(0, \count($problem->places), []);
        $longest = array_fill(0, \count($problem->places), 1);
        foreach ($problem->steps as $work) {
            if ($work->attended) {
                $this->longestByHand = max($this->longestByHand, $work->minutes);
            }
            if (null !== $work->station) {
                $longest[$work->station] = max($longest[$work->station], $work->minutes);
            }
        }
        $this->longest = $longest;
    }

    /**
     * The earliest start from `$from` on, and the person; null when there is none.
     *
     * @param int|null $only the one person who may
     *
     * @return array{int, int|null}|null
     */
    public function earliest(Work $work, int $from, ?int $only = null): ?array
    {
        if (!$work->attended) {
            return [0 === $work->minutes ? $from : $this->freeStation($work, $from), null];
        }
        $best = null;
        foreach ($this->problem->hands as $h => $hand) {
            if (null !== $only && $only !== $h || !$hand->can($work->skill)) {
                continue;
            }
            $at = $this->earliestOf($h, $hand, $work, $from, $best[0] ?? null);
            if (null !== $at && (null === $best || $at < $best[0] || $at === $best[0] && \count($hand->skills) < \count($this->problem->hands[$best[1]]->skills))) {
                $best = [$at, $h];
            }
        }

        return $best;
    }

    public function take(int $step, Work $work, int $start, ?int $hand): void
    {
        if (0 === $work->minutes) {
            return;
        }
        $row = [$start, $start + $work->minutes, $step];
        if (null !== $hand) {
            self::insert($this->hands[$hand], $row);
        }
        if (null !== $work->station) {
            self::insert($this->stations[$work->station], $row);
        }
    }

    public function free(int $step, Work $work, ?int $hand): void
    {
        if (null !== $hand) {
            self::remove($this->hands[$hand], $step);
        }
        if (null !== $work->station) {
            self::remove($this->stations[$work->station], $step);
        }
    }

    /**
     * Steps of each person in time order, for counting changes.
     *
     * @return list<list<array{int, int, int}>>
     */
    public function hands(): array
    {
        return $this->hands;
    }

    private function earliestOf(int $h, Hand $hand, Work $work, int $from, ?int $before): ?int
    {
        $shifts = $hand->shifts;
        // The first shift that ends after the earliest end.
        $low = 0;
        $high = \count($shifts);
        while ($low < $high) {
            $middle = $low + $high >> 1;
            if ($shifts[$middle][1] < $from + $work->minutes) {
                $low = $middle + 1;
            } else {
                $high = $middle;
            }
        }
        for ($n = \count($shifts); $low < $n; ++$low) {
            [$opens, $closes] = $shifts[$low];
            if (null !== $before && $opens > $before) {
                return null;
            }
            $at = max($from, $opens);
            while ($at + $work->minutes <= $closes && (null === $before || $at <= $before)) {
                if (0 === $work->minutes) {
                    return $at;
                }
                $next = $this->freeStation($work, self::freeRow($this->hands[$h], $at, $work->minutes, $this->longestByHand));
                if ($next === $at) {
                    return $at;
                }
                $at = $next;
            }
        }

        return null;
    }

    private function freeStation(Work $work, int $from): int
    {
        if (null === $work->station) {
            return $from;
        }
        $rows = $this->stations[$work->station];
        $capacity = $this->problem->places[$work->station];
        if (1 === $capacity) {
            return self::freeRow($rows, $from, $work->minutes, $this->longest[$work->station]);
        }
        $longest = $this->longest[$work->station];
        while (true) {
            $until = $from + $work->minutes;
            $here = [];
            for ($i = self::firstAfter($rows, $from - $longest), $n = \count($rows); $i < $n && $rows[$i][0] < $until; ++$i) {
                if ($rows[$i][1] > $from) {
                    $here[] = $rows[$i];
                }
            }
            if (\count($here) < $capacity) {
                return $from;
            }
            $full = null;
            foreach ($here as $row) {
                $point = max($from, $row[0]);
                $taken = 0;
                $ends = \PHP_INT_MAX;
                foreach ($here as $other) {
                    if ($other[0] <= $point && $other[1] > $point) {
                        ++$taken;
                        $ends = min($ends, $other[1]);
                    }
                }
                if ($taken >= $capacity) {
                    $full = $ends;

                    break;
                }
            }
            if (null === $full) {
                return $from;
            }
            $from = $full;
        }
    }

    /**
     * The first row that starts at this minute or later.
     *
     * @param list<array{int, int, int}> $rows
     */
    private static function firstAfter(array $rows, int $minute): int
    {
        $low = 0;
        $high = \count($rows);
        while ($low < $high) {
            $middle = $low + $high >> 1;
            if ($rows[$middle][0] < $minute) {
                $low = $middle + 1;
            } else {
                $high = $middle;
            }
        }

        return $low;
    }

    /** @param list<array{int, int, int}> $rows that do not overlap, or start together where they are fixed */
    private static function freeRow(array $rows, int $from, int $minutes, int $longest): int
    {
        $n = \count($rows);
        $i = self::firstAfter($rows, $from);
        // What began before may still go on; fixed rows may lie over each other, so it need not be the last.
        $earliest = $from - $longest;
        for ($back = $i - 1; $back >= 0 && $rows[$back][0] > $earliest; --$back) {
            if ($rows[$back][1] > $from) {
                $from = $rows[$back][1];
            }
        }
        for (; $i < $n; ++$i) {
            [$start, $end] = $rows[$i];
            if ($start >= $from + $minutes) {
                break;
            }
            if ($end > $from) {
                $from = $end;
            }
        }

        return $from;
    }

    /**
     * @param list<array{int, int, int}> $rows
     * @param array{int, int, int}       $row
     */
    private static function insert(array &$rows, array $row): void
    {
        $i = \count($rows);
        while ($i > 0 && $rows[$i - 1][0] > $row[0]) {
            --$i;
        }
        array_splice($rows, $i, 0, [$row]);
    }

    /** @param list<array{int, int, int}> $rows */
    private static function remove(array &$rows, int $step): void
    {
        foreach ($rows as $i => $row) {
            if ($row[2] === $step) {
                array_splice($rows, $i, 1);

                return;
            }
        }
    }
}

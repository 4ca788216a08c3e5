<?php

declare(strict_types=1);

namespace KindHeel\Core\Schedule\Solve;

/** When hands are here and free of what is fixed, for looking ahead: the next start at one person, and what all of them together can do. */
final class HandHours
{
    public const NEVER = \PHP_INT_MAX;

    /** @var array<int, list<int>> by person: where free stretches begin */
    private array $opens = [];
    /** @var array<int, list<int>> and where they end */
    private array $closes = [];
    /** @var array<int, array<int, int>> minutes of a person up to a minute, by person and minute */
    private array $known = [];
    /** Of all hands together. */
    public readonly Capacity $together;

    public function __construct(ResourceCalendars $calendars, public readonly int $people)
    {
        $stretches = [];
        for ($p = 0; $p < $people; ++$p) {
            [$this->opens[$p], $this->closes[$p]] = $calendars->stretches($p);
            foreach ($this->opens[$p] as $k => $open) {
                $stretches[] = [$open, $this->closes[$p][$k]];
            }
        }
        $this->together = Capacity::of($stretches);
    }

    /** The earliest start of so many minutes at a person; {@see NEVER} where no stretch that is left is long enough. */
    public function next(int $person, int $from, int $minutes): int
    {
        $closes = $this->closes[$person];
        $until = $from + $minutes;
        $low = 0;
        $high = $n = \count($closes);
        while ($low < $high) {
            $middle = ($low + $high) >> 1;
            if ($closes[$middle] < $until) {
                $low = $middle + 1;
            } else {
                $high = $middle;
            }
        }
        for (; $low < $n; ++$low) {
            $start = $this->opens[$person][$low];
            if ($start < $from) {
                $start = $from;
            }
            if ($start + $minutes <= $closes[$low]) {
                return $start;
            }
        }

        return self::NEVER;
    }

    /** Minutes that a person has been here by then. */
    public function passed(int $person, int $until): int
    {
        if (isset($this->known[$person][$until])) {
            return $this->known[$person][$until];
        }
        $sum = 0;
        foreach ($this->opens[$person] as $k => $open) {
            if ($open >= $until) {
                break;
            }
            $sum += max(0, min($until, $this->closes[$person][$k]) - max(0, $open));
        }

        return $this->known[$person][$until] = $sum;
    }
}

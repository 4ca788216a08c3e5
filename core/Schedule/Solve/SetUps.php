<?php

declare(strict_types=1);

namespace KindHeel\Core\Schedule\Solve;

/**
 * Who does what after what: the free minutes that a person needs before a step because the step before was of another piece, or because somebody else had the
 * piece in hand (sequence-dependent set-up times; for a survey Allahverdi 2015). Steps of no length and those that nobody does are passed over.
 */
final class SetUps
{
    /** @var array<int, list<int>> starts of what a person does, rising */
    private array $starts = [];
    /** @var array<int, list<int>> the steps that begin then */
    private array $steps = [];
    /** @var array<int, list<int>> starts of a job's attended steps, rising */
    private array $jobStarts = [];
    /** @var array<int, list<int>> */
    private array $jobSteps = [];
    /** @var array<int, int> by step */
    private array $worker = [];
    /** @var array<int, int> by step */
    private array $start = [];
    /** @var list<int> */
    private readonly array $job;
    /** @var list<int> */
    private readonly array $minutes;
    /** @var list<bool> */
    private readonly array $fixed;

    public function __construct(private readonly Problem $problem)
    {
        $this->job = array_map(static fn (Activity $w): int => $w->job, $problem->steps);
        $this->minutes = array_map(static fn (Activity $w): int => $w->minutes, $problem->steps);
        $this->fixed = array_map(static fn (Activity $w): bool => $w->isFixed() && !$w->stays, $problem->steps);
    }

    /** Free minutes that the step needs directly before this start. */
    public function before(int $step, int $start, int $worker): int
    {
        $row = self::position($this->starts[$worker] ?? [], $start) - 1;
        $need = $row >= 0 && $this->job[$this->steps[$worker][$row]] !== $this->job[$step] ? $this->problem->switchMinutes : 0;

        return $need + (($this->hand($step, $start) ?? $worker) !== $worker ? $this->problem->handoverMinutes : 0);
    }

    /** Who had the piece in hand last before this minute; null where nobody had. */
    public function hand(int $step, int $minute): ?int
    {
        $line = self::position($this->jobStarts[$this->job[$step]] ?? [], $minute) - 1;

        return $line >= 0 ? $this->worker[$this->jobSteps[$this->job[$step]][$line]] : null;
    }

    /** The person's next step still has the free minutes that it needs then. */
    public function leavesTheNext(int $step, int $start, int $worker): bool
    {
        $next = $this->steps[$worker][self::position($this->starts[$worker] ?? [], $start)] ?? null;
        if (null === $next || $this->fixed[$next]) {
            return true;
        }
        $need = $this->job[$next] === $this->job[$step] ? 0 : $this->problem->switchMinutes;
        if ($this->job[$next] !== $this->job[$step] || $this->start[$next] > $start) {
            $earlier = $this->earlierInJob($next, $step, $start);
            $need += null !== $earlier && ($earlier === $step ? $worker : $this->worker[$earlier]) !== $worker ? $this->problem->handoverMinutes : 0;
        }

        return $start + $this->minutes[$step] <= $this->start[$next] - $need && $this->isInShift($worker, $this->start[$next], $need);
    }

    /** The start of the piece's next step where it would then have to be handed over and there is no time for that; null when there is. */
    public function spoils(int $step, int $start, int $worker): ?int
    {
        $line = $this->jobStarts[$this->job[$step]] ?? [];
        $at = self::position($line, $start);
        while (isset($line[$at]) && $line[$at] === $start) {
            ++$at;
        }
        $next = $this->jobSteps[$this->job[$step]][$at] ?? null;
        if (null === $next || $this->fixed[$next] || $this->worker[$next] === $worker || $this->earlierInJob($next, $step, $start) !== $step) {
            return null;
        }
        $whose = $this->worker[$next];
        $row = self::position($this->starts[$whose], $this->start[$next]) - 1;
        $before = $row >= 0 ? $this->steps[$whose][$row] : null;
        $need = $this->problem->handoverMinutes + (null !== $before && $this->job[$before] !== $this->job[$next] ? $this->problem->switchMinutes : 0);
        $free = null === $before ? \PHP_INT_MIN : $this->start[$before] + $this->minutes[$before];

        return $free <= $this->start[$next] - $need && $this->isInShift($whose, $this->start[$next], $need) ? null : $this->start[$next];
    }

    public function take(int $step, int $start, int $worker): void
    {
        $this->worker[$step] = $worker;
        $this->start[$step] = $start;
        $at = $this->place($this->starts[$worker] ?? [], $this->steps[$worker] ?? [], $step, $start);
        $this->starts[$worker] ??= [];
        $this->steps[$worker] ??= [];
        self::insert($this->starts[$worker], $at, $start);
        self::insert($this->steps[$worker], $at, $step);
        $job = $this->job[$step];
        $at = $this->place($this->jobStarts[$job] ?? [], $this->jobSteps[$job] ?? [], $step, $start);
        $this->jobStarts[$job] ??= [];
        $this->jobSteps[$job] ??= [];
        self::insert($this->jobStarts[$job], $at, $start);
        self::insert($this->jobSteps[$job], $at, $step);
    }

    /**
     * Mostly at the end, where nothing has to be moved along.
     *
     * @param list<int> $list
     */
    private static function insert(array &$list, int $at, int $value): void
    {
        if ($at === \count($list)) {
            $list[] = $value;
        } else {
            array_splice($list, $at, 0, [$value]);
        }
    }

    /** @return array{int, int} how often somebody goes on with another piece, and how often one changes hands */
    public static function counted(Problem $problem, Timetable $table): array
    {
        $setUps = new self($problem);
        foreach ($table->starts as $step => $start) {
            if ($problem->steps[$step]->minutes > 0 && $table->workers[$step] >= 0) {
                $setUps->take($step, $start, $table->workers[$step]);
            }
        }
        $switches = $handovers = 0;
        foreach ($setUps->steps as $worker => $steps) {
            foreach ($steps as $k => $step) {
                $switches += $k > 0 && $setUps->job[$steps[$k - 1]] !== $setUps->job[$step] ? 1 : 0;
                $line = self::position($setUps->jobStarts[$setUps->job[$step]], $setUps->start[$step]) - 1;
                $handovers += $line >= 0 && $setUps->worker[$setUps->jobSteps[$setUps->job[$step]][$line]] !== $worker ? 1 : 0;
            }
        }

        return [$switches, $handovers];
    }

    /** The step of its job that begins last before it, once `$step` begins at `$start`. */
    private function earlierInJob(int $of, int $step, int $start): ?int
    {
        $line = self::position($this->jobStarts[$this->job[$of]] ?? [], $this->start[$of]) - 1;
        $known = $line >= 0 ? $this->jobSteps[$this->job[$of]][$line] : null;
        if ($this->job[$step] !== $this->job[$of] || $start >= $this->start[$of]) {
            return $known;
        }

        return null === $known || [$this->start[$known], $this->problem->steps[$known]->id] < [$start, $this->problem->steps[$step]->id] ? $step : $known;
    }

    private function isInShift(int $worker, int $start, int $need): bool
    {
        if (0 === $need) {
            return true;
        }
        foreach ($this->problem->workers[$worker]->shifts as [$from, $until]) {
            if ($from <= $start && $start < $until) {
                return $from <= $start - $need;
            }
        }

        return true;
    }

    /**
     * Steps that begin at once stand by their names.
     *
     * @param list<int> $starts
     * @param list<int> $steps
     */
    private function place(array $starts, array $steps, int $step, int $start): int
    {
        $at = self::position($starts, $start);
        while (isset($starts[$at]) && $starts[$at] === $start && $this->problem->steps[$steps[$at]]->id < $this->problem->steps[$step]->id) {
            ++$at;
        }

        return $at;
    }

    /**
     * The first of these that is not before this minute.
     *
     * @param list<int> $starts
     */
    private static function position(array $starts, int $minute): int
    {
        $low = 0;
        $high = \count($starts);
        while ($low < $high) {
            $middle = ($low + $high) >> 1;
            if ($starts[$middle] < $minute) {
                $low = $middle + 1;
            } else {
                $high = $middle;
            }
        }

        return $low;
    }
}

<?php

declare(strict_types=1);

namespace KindHeel\Core\Schedule\Solve;

/**
 * Places activity lists: one step after the other as early as it fits, in gaps too. A step that misses the window of one before it pulls that one later. Every
 * timetable in which nothing could begin earlier by itself comes from the list of its steps by start (serial schedule generation, Kolisch 1996; unscheduling,
 * Franck, Neumann and Schwindt 2001).
 */
final class ActivityLists
{
    private const PULLS = 60;
    /** Of a late job each step counts a little, not its end alone: a step that moves forward is on the way to an end that does. */
    private const STEP_SHARE = 0.1;
    private const COMPLETION_SHARE = 0.01;

    public int $evaluations = 0;
    /** @var array<int, float> by job; changed for a while they lead the search elsewhere */
    public array $weights;
    public readonly FixedSteps $fixed;
    /** @var array<int, array<int, true>> by step: every step it waits for, near or far */
    public readonly array $ancestors;
    /** @var list<int> */
    private readonly array $minutes;
    /** @var array<int, list<array{int, int}>> by step: the step before and its least wait */
    private readonly array $waits;
    /** @var array<int, list<array{int, int}>> by step: the step before and its longest wait */
    private readonly array $windows;
    /** @var array<int, true> steps that have a window after them */
    private readonly array $pullable;
    /** @var list<int> by step: latest end that leaves a fixed step after it its wait */
    private readonly array $latest;
    /** @var array<int, int> by step: its place among all where each comes after what it waits for */
    private readonly array $rank;
    private readonly bool $hasInstants;

    public function __construct(public readonly Problem $problem)
    {
        $steps = $problem->steps;
        $this->minutes = array_map(static fn (Activity $w): int => $w->minutes, $steps);
        $this->weights = array_map(static fn (DueJob $j): float => $j->weight, $problem->jobs);
        $this->fixed = FixedSteps::of($problem);
        $waits = $windows = $pullable = $ancestors = $latest = [];
        foreach ($steps as $i => $work) {
            $waits[$i] = $windows[$i] = [];
            $latest[] = min([\PHP_INT_MAX, ...array_column($this->fixed->latest[$i] ?? [], 1)]);
            foreach ($work->after as $lag) {
                $waits[$i][] = [$lag->step, $lag->min];
                if (null !== $lag->max) {
                    $windows[$i][] = [$lag->step, $lag->max];
                    $pullable[$lag->step] = true;
                }
            }
        }
        $topological = Blocks::topological($problem);
        foreach ($topological as $i) {
            $ancestors[$i] = [];
            foreach ($steps[$i]->after as $lag) {
                $ancestors[$i] += $ancestors[$lag->step] + [$lag->step => true];
            }
        }
        [$this->waits, $this->windows, $this->latest, $this->pullable, $this->ancestors] = [$waits, $windows, $latest, $pullable, $ancestors];
        $this->rank = array_flip($topological);
        $this->hasInstants = \in_array(0, $this->minutes, true);
    }

    /**
     * Steps by their start, those that are fixed left out.
     *
     * @param array<int, int> $starts
     *
     * @return list<int>
     */
    public function inTime(array $starts): array
    {
        $starts = array_diff_key($starts, $this->fixed->starts);
        asort($starts);
        $order = array_keys($starts);
        if ($this->hasInstants) {
            // What takes no time begins with what waits for it.
            usort($order, fn (int $a, int $b): int => [$starts[$a], $this->rank[$a]] <=> [$starts[$b], $this->rank[$b]]);
        }

        return $order;
    }

    /**
     * A timetable again, or what has been begun of one and the rest of another.
     *
     * @param array<int, int> $starts  by step
     * @param array<int, int> $workers by step, -1 for nobody
     * @param PlacedList|null $rest    the order of what is not among them, and who is asked there
     *
     * @return PlacedList|null the better of asking those who did it there, and anybody
     */
    public function placeLike(array $starts, array $workers, ?PlacedList $rest = null): ?PlacedList
    {
        $order = $this->inTime($starts);
        foreach ($rest->order ?? [] as $i) {
            if (!isset($starts[$i])) {
                $order[] = $i;
            }
        }
        $free = $this->place($order, $rest->asked ?? []);
        $asked = $this->place($order, array_filter($workers, static fn (int $p): bool => $p >= 0) + ($rest->asked ?? []));

        return null === $asked || null !== $free && $free->cost <= $asked->cost ? $free : $asked;
    }

    /**
     * @param list<int>       $order steps that are not fixed, each after those it waits for
     * @param array<int, int> $asked person by step
     * @param array<int, int> $floor by step: before which it does not begin
     *
     * @return PlacedList|null null where a step finds no place in its window
     */
    public function place(array $order, array $asked, array $floor = []): ?PlacedList
    {
        ++$this->evaluations;
        $starts = $this->fixed->starts;
        $workers = $this->fixed->workers;
        $before = $pulledBy = [];
        $calendars = clone $this->fixed->calendars;
        $pulls = self::PULLS;
        $rank = null;
        for ($k = 0, $n = \count($order); $k < $n; ++$k) {
            $i = $order[$k];
            if (isset($this->pullable[$i])) {
                $before[$i] = clone $calendars;
            }
            $at = max($floor[$i] ?? 0, $this->fixed->release[$i]);
            foreach ($this->waits[$i] as [$j, $min]) {
                $ready = $starts[$j] + $this->minutes[$j] + $min;
                if ($ready > $at) {
                    $at = $ready;
                }
            }
            $at = $calendars->earliest($i, $at, $asked[$i] ?? -1);
            if (ResourceCalendars::NEVER === $at || $at + $this->minutes[$i] > $this->latest[$i]) {
                return null;
            }
            foreach ($this->windows[$i] as [$j, $max]) {
                if ($at - $starts[$j] - $this->minutes[$j] > $max) {
                    if (0 === $pulls || isset($this->fixed->starts[$j])) {
                        return null;
                    }
                    --$pulls;
                    $floor[$j] = $at - $max - $this->minutes[$j];
                    $pulledBy[$j] = $i;
                    $rank ??= array_flip($order);
                    $k = $rank[$j] - 1;
                    $calendars = $before[$j];

                    continue 2;
                }
            }
            $starts[$i] = $at;
            $workers[$i] = $calendars->worker;
            $calendars->take($i, $at, $calendars->worker);
        }

        return $this->placed($asked, $starts, $workers, $pulledBy);
    }

    /**
     * @param array<int, int> $asked
     * @param array<int, int> $starts
     * @param array<int, int> $workers
     * @param array<int, int> $pulledBy
     */
    private function placed(array $asked, array $starts, array $workers, array $pulledBy): PlacedList
    {
        $tardiness = $cost = 0.0;
        $completion = 0;
        foreach ($this->problem->jobs as $j => $job) {
            $end = \PHP_INT_MIN;
            $sum = 0;
            foreach ($job->steps as $i) {
                $sum += $starts[$i];
                if ($starts[$i] + $this->minutes[$i] > $end) {
                    $end = $starts[$i] + $this->minutes[$i];
                }
            }
            if ($end > $job->due) {
                $tardiness += $job->weight * ($end - $job->due);
                $cost += $this->weights[$j] * ($end - $job->due + self::STEP_SHARE * $sum / \count($job->steps));
            }
            $completion += $end;
        }
        $cost += self::COMPLETION_SHARE * $completion;

        return new PlacedList($this->inTime($starts), $asked, $starts, $workers, $pulledBy, $cost, [$tardiness, $completion]);
    }
}

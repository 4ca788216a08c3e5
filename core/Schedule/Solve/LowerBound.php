<?php

declare(strict_types=1);

namespace KindHeel\Core\Schedule\Solve;

/**
 * Proved bounds on weighted tardiness: no timetable, with all windows kept or broken, is better.
 *
 * Each job by itself: as if it had the workshop alone, every step as early as its waits and the shifts of those who can do it allow. Then the hands: what one
 * person alone can do, what all people do together, what one place holds, is work that may be broken off at any minute, from the earliest start of each
 * job's share (its head) and with what must still follow it (its tail). Shortest remaining work first has the most jobs done at any minute (Schrage 1968), so
 * the k-th to be done is not done sooner; which job is the k-th is the cheapest assignment (Kuhn 1955).
 */
final class LowerBound
{
    /** The assignment takes the third power of the jobs. */
    private const MOST_JOBS = 60;

    /** @var list<int> by step: earliest start of its job alone */
    private array $starts = [];
    /** @var array<int, int> by step: what must follow it in its job, at least */
    private array $tails = [];
    /** @var array<int, int> by job */
    private array $ends = [];

    private function __construct(private readonly Problem $problem)
    {
        $empty = new ResourceCalendars($problem);
        $order = Blocks::topological($problem);
        $starts = [];
        foreach ($order as $i) {
            $work = $problem->steps[$i];
            $from = 0;
            foreach ($work->after as $lag) {
                $from = max($from, ($starts[$lag->step] ?? 0) + $problem->steps[$lag->step]->minutes + $lag->min);
            }
            $start = $work->fixedStart ?? $empty->earliest($i, $from);
            $starts[$i] = ResourceCalendars::NEVER === $start ? $from : $start;
        }
        foreach (array_keys($problem->steps) as $i) {
            $this->starts[] = $starts[$i];
            $this->tails[$i] = 0;
        }
        foreach (array_reverse($order) as $i) {
            foreach ($problem->steps[$i]->after as $lag) {
                if ($problem->steps[$lag->step]->job === $problem->steps[$i]->job) {
                    $this->tails[$lag->step] = max($this->tails[$lag->step], $lag->min + $problem->steps[$i]->minutes + $this->tails[$i]);
                }
            }
        }
        foreach ($problem->jobs as $j => $job) {
            $this->ends[$j] = max(array_map(fn (int $i): int => $this->starts[$i] + $problem->steps[$i]->minutes, $job->steps));
        }
    }

    public static function of(Problem $problem): float
    {
        $bound = new self($problem);
        $best = $bound->eachJobAlone();
        if (\count($problem->jobs) <= self::MOST_JOBS) {
            foreach ($bound->shared() as [$steps, $capacity]) {
                $best = max($best, $bound->together($steps, $capacity));
            }
        }

        return $best;
    }

    /** The quick one of the two. */
    public static function ofJobs(Problem $problem): float
    {
        return (new self($problem))->eachJobAlone();
    }

    private function eachJobAlone(): float
    {
        $bound = 0.0;
        foreach ($this->problem->jobs as $j => $job) {
            $bound += $job->weight * max(0, $this->ends[$j] - $job->due);
        }

        return $bound;
    }

    /**
     * What has to share hands or a place.
     *
     * @return iterable<array{list<int>, Capacity}> steps that are not fixed, and what can be done of them
     */
    private function shared(): iterable
    {
        $alone = $atPlace = $all = [];
        $withoutHands = [];
        foreach ($this->problem->steps as $i => $work) {
            if ($work->isFixed() || 0 === $work->minutes) {
                continue;
            }
            if ($work->attended) {
                $all[] = $i;
                $able = $this->problem->able($work);
                if (1 === \count($able)) {
                    $alone[$able[0]][] = $i;
                }
            }
            if (null !== $work->station && 1 === $this->problem->places[$work->station]) {
                $atPlace[$work->station][] = $i;
                $withoutHands[$work->station] = ($withoutHands[$work->station] ?? false) || !$work->attended;
            }
        }
        $everybody = array_merge(...array_map(static fn (Worker $h): array => $h->shifts, $this->problem->workers));
        yield [$all, Capacity::of($everybody)];
        if (\count($this->problem->workers) > 1) {
            foreach ($alone as $person => $steps) {
                yield [$steps, Capacity::of($this->problem->workers[$person]->shifts)];
            }
        }
        foreach ($atPlace as $place => $steps) {
            yield [$steps, $withoutHands[$place] ? Capacity::always() : Capacity::of($everybody, 1)];
        }
    }

    /** @param list<int> $steps */
    private function together(array $steps, Capacity $capacity): float
    {
        $minutes = $heads = $tails = [];
        foreach ($steps as $i) {
            $job = $this->problem->steps[$i]->job;
            $minutes[$job] = ($minutes[$job] ?? 0) + $this->problem->steps[$i]->minutes;
            $heads[$job] = min($heads[$job] ?? \PHP_INT_MAX, $this->starts[$i]);
            // Any of them may be the last.
            $tails[$job] = min($tails[$job] ?? \PHP_INT_MAX, $this->tails[$i]);
        }
        if (\count($minutes) < 2) {
            return 0.0;
        }
        $done = self::done($minutes, $heads, $capacity);
        $costs = [];
        $apart = 0.0;
        foreach ($this->problem->jobs as $j => $job) {
            if (!isset($minutes[$j])) {
                $apart += $job->weight * max(0, $this->ends[$j] - $job->due);

                continue;
            }
            $costs[] = array_map(fn (int $at): float => $job->weight * max(0, max($at + $tails[$j], $this->ends[$j]) - $job->due), $done);
        }

        return $apart + Assignment::cheapest($costs);
    }

    /**
     * When the first, the second, … of the jobs can be done at the earliest: always the one with the least left of those that are there.
     *
     * @param array<int, int> $minutes by job
     * @param array<int, int> $heads
     *
     * @return list<int>
     */
    private static function done(array $minutes, array $heads, Capacity $capacity): array
    {
        asort($heads);
        $waiting = array_keys($heads);
        $left = $done = [];
        $now = 0;
        while ([] !== $waiting || [] !== $left) {
            while ([] !== $waiting && $heads[$waiting[0]] <= $now) {
                $job = array_shift($waiting);
                $left[$job] = $minutes[$job];
            }
            if ([] === $left) {
                $now = $heads[$waiting[0]];

                continue;
            }
            asort($left);
            $job = (int) array_key_first($left);
            $worked = $capacity->until($now);
            $end = (int) floor($capacity->when([$worked + $left[$job]])[0]);
            $next = [] === $waiting ? \PHP_INT_MAX : $heads[$waiting[0]];
            if ($next < $end) {
                $left[$job] -= $capacity->until($next) - $worked;
                $now = $next;

                continue;
            }
            $done[] = max($now, $end);
            unset($left[$job]);
            $now = max($now, $end);
        }

        return $done;
    }
}

<?php

declare(strict_types=1);

namespace KindHeel\Core\Schedule\Solve;

/**
 * When each step has to begin at the latest for its job to end by a given date, as those are here who can do it and nothing else stands in its way: a priority
 * rule for serial generation (minimum latest start time; Alvarez-Valdes and Tamarit 1989).
 */
final readonly class LatestStart
{
    /** Places in a minute: a step that would come before one it waits for comes one place after it. */
    private const PLACES = 64;

    /** @var list<int> each after what it waits for */
    private array $topological;
    /** @var array<int, list<array{int, int}>> by step: those that wait for it, and how long at least */
    private array $followers;
    /** @var array<int, list<array{int, int}>|null> by step: when somebody who can do it is here for so long, rising; null where nobody has to be */
    private array $shifts;

    public function __construct(private Problem $problem)
    {
        $followers = array_fill_keys(array_keys($problem->steps), []);
        $shifts = [];
        foreach ($problem->steps as $i => $work) {
            foreach ($work->after as $lag) {
                $followers[$lag->step][] = [$i, $lag->min];
            }
            $shifts[$i] = null;
            if ($work->attended && $work->minutes > 0) {
                $here = array_merge(...array_map(static fn (int $p): array => $problem->workers[$p]->shifts, $problem->able($work)));
                $shifts[$i] = array_values(array_filter($here, static fn (array $s): bool => $s[1] - $s[0] >= $work->minutes));
                sort($shifts[$i]);
            }
        }
        $this->topological = Blocks::topological($problem);
        [$this->followers, $this->shifts] = [$followers, $shifts];
    }

    /**
     * @param array<int, int> $dues  by job, in minutes from now
     * @param array<int, int> $later minutes by which a step is taken for less pressing, by step
     *
     * @return list<int> steps that are not fixed, the most pressing first, each after those it waits for
     */
    public function order(array $dues, array $later = []): array
    {
        $steps = $this->problem->steps;
        $latest = $this->starts($dues);
        $keys = [];
        foreach ($this->topological as $i) {
            $key = self::PLACES * ($latest[$i] + ($later[$i] ?? 0));
            foreach ($steps[$i]->after as $lag) {
                $key = max($key, $keys[$lag->step] + 1);
            }
            $keys[$i] = $key;
        }
        asort($keys);

        return array_values(array_filter(array_keys($keys), static fn (int $i): bool => !$steps[$i]->isFixed()));
    }

    /**
     * @param array<int, int> $dues by job, in minutes from now
     *
     * @return array<int, int> latest start by step
     */
    public function starts(array $dues): array
    {
        $steps = $this->problem->steps;
        $latest = [];
        foreach (array_reverse($this->topological) as $i) {
            $end = $dues[$steps[$i]->job];
            foreach ($this->followers[$i] as [$k, $min]) {
                $end = min($end, $latest[$k] - $min);
            }
            $latest[$i] = $steps[$i]->fixedStart ?? $this->start($i, $end);
        }

        return $latest;
    }

    /** The last start from which a step ends by then while somebody is here; where nobody is any more, as if somebody were. */
    private function start(int $step, int $end): int
    {
        $minutes = $this->problem->steps[$step]->minutes;
        $start = null;
        foreach ($this->shifts[$step] ?? [] as [$from, $until]) {
            if ($from > $end - $minutes) {
                break;
            }
            // Of several who are here the one who stays the longest, not the one who came last.
            $start = max($start ?? $from, min($until, $end) - $minutes);
        }

        return $start ?? $end - $minutes;
    }
}

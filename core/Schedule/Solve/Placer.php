<?php

declare(strict_types=1);

namespace KindHeel\Core\Schedule\Solve;

/**
 * Turns an order of blocks into a timetable: each block as early as it fits, in gaps too (serial schedule generation, Kolisch 1996). Inside a block a step that
 * cannot be reached in its window pushes the one before it to where it can (Franck, Neumann, Schwindt 2001: unscheduling).
 */
final class Placer
{
    private const PUSHES_A_STEP = 40;

    public int $evaluations = 0;
    public readonly Blocks $blocks;
    /** @var list<list<array{int, int}>> by step: steps that come after it and are fixed, with the latest end that leaves their minimum */
    private array $latest = [];
    /** @var array<int, int> earliest start so that a fixed step after it keeps its window */
    private array $release = [];

    public function __construct(private readonly Problem $problem)
    {
        $this->blocks = Blocks::of($problem);
        $this->latest = array_fill(0, \count($problem->steps), []);
        $this->release = array_fill(0, \count($problem->steps), 0);
        foreach ($problem->steps as $i => $work) {
            foreach ($work->after as $lag) {
                if (null !== $work->fixedStart && !$problem->steps[$lag->step]->isFixed()) {
                    $this->latest[$lag->step][] = [$i, $work->fixedStart - $lag->min];
                    if (null !== $lag->max) {
                        $this->release[$lag->step] = max($this->release[$lag->step], $work->fixedStart - $lag->max - $problem->steps[$lag->step]->minutes);
                    }
                }
            }
        }
    }

    public function place(Draft $draft): Timetable
    {
        ++$this->evaluations;
        $board = new Board($this->problem);
        $starts = $hands = $unplaced = [];
        foreach ($this->problem->steps as $i => $work) {
            if (null !== $work->fixedStart) {
                $starts[$i] = $work->fixedStart;
                $hands[$i] = $work->attended ? $work->fixedPerson : null;
                $board->take($i, $work, $work->fixedStart, $hands[$i]);
            }
        }
        $placed = [];
        $queue = $draft->order;
        while ([] !== $queue) {
            foreach ($queue as $at => $block) {
                foreach ($this->blocks->before[$block] as $other) {
                    if (!isset($placed[$other])) {
                        continue 2;
                    }
                }
                $steps = $this->blocks->steps[$block];
                $this->placeBlock($steps, $board, $starts, $hands, $unplaced, $draft, self::PUSHES_A_STEP * \count($steps));
                if ([] !== array_intersect($steps, array_keys($unplaced))) {
                    // Pushed out of the last shift: a broken window is less than a step that is never done.
                    foreach ($steps as $step) {
                        if (isset($starts[$step])) {
                            $board->free($step, $this->problem->steps[$step], $hands[$step] ?? null);
                        }
                        unset($starts[$step], $hands[$step], $unplaced[$step]);
                    }
                    $this->placeBlock($steps, $board, $starts, $hands, $unplaced, $draft, 0);
                }
                $placed[$block] = true;
                unset($queue[$at]);

                continue 2;
            }
            throw new \LogicException('Blocks wait for each other.');
        }

        return $this->timetable($board, $starts, $hands, $unplaced);
    }

    /**
     * @param list<int>            $steps
     * @param array<int, int>      $starts
     * @param array<int, int|null> $hands
     * @param array<int, string>   $unplaced
     */
    private function placeBlock(array $steps, Board $board, array &$starts, array &$hands, array &$unplaced, Draft $draft, int $pushes): void
    {
        $delay = [];
        for ($k = 0, $n = \count($steps); $k < $n; ++$k) {
            $i = $steps[$k];
            $work = $this->problem->steps[$i];
            $from = max(0, $this->release[$i], $delay[$i] ?? 0, $draft->held[$i] ?? 0);
            $until = null;
            $tight = null;
            $missing = null;
            foreach ($work->after as $lag) {
                if (!isset($starts[$lag->step])) {
                    $missing = $lag->step;

                    break;
                }
                $end = $starts[$lag->step] + $this->problem->steps[$lag->step]->minutes;
                $from = max($from, $end + $lag->min);
                if (null !== $lag->max && (null === $until || $end + $lag->max < $until)) {
                    $until = $end + $lag->max;
                    $tight = $lag;
                }
            }
            if (null !== $missing) {
                $unplaced[$i] = \sprintf('It waits for %s, which finds no place.', $this->problem->steps[$missing]->id);

                continue;
            }
            $found = $board->earliest($work, $from, $draft->asked[$i] ?? null) ?? (isset($draft->asked[$i]) ? $board->earliest($work, $from) : null);
            $late = array_filter($this->latest[$i], static fn (array $l): bool => null !== $found && $found[0] + $work->minutes > $l[1]);
            if (null === $found || [] !== $late) {
                $unplaced[$i] = null === $found ? $this->why($work) : \sprintf('%s is fixed and would have to wait for it.', $this->problem->steps[current($late)[0]]->id);

                continue;
            }
            if (null !== $until && null !== $tight && $found[0] > $until && $pushes > 0) {
                $at = array_search($tight->step, $steps, true);
                if (false !== $at && $at < $k) {
                    $before = $this->problem->steps[$tight->step];
                    $delay[$tight->step] = max($delay[$tight->step] ?? 0, $found[0] - (int) $tight->max - $before->minutes);
                    for ($back = $k - 1; $back >= $at; --$back) {
                        $step = $steps[$back];
                        if (isset($starts[$step])) {
                            $board->free($step, $this->problem->steps[$step], $hands[$step] ?? null);
                            unset($starts[$step], $hands[$step]);
                        }
                        unset($unplaced[$step]);
                    }
                    --$pushes;
                    $k = $at - 1;

                    continue;
                }
            }
            $starts[$i] = $found[0];
            $hands[$i] = $found[1];
            $board->take($i, $work, $found[0], $found[1]);
        }
    }

    private function why(Work $work): string
    {
        $able = array_filter($this->problem->hands, static fn (Hand $h): bool => $h->can($work->skill));

        return match (true) {
            [] === $able => \sprintf('Nobody has the skill “%s”.', $work->skill),
            [] === array_filter($able, static fn (Hand $h): bool => [] !== array_filter($h->shifts, static fn (array $s): bool => $s[1] - $s[0] >= $work->minutes)) => 'It is longer than any shift of those who can do it.',
            default => 'No shift that is left has room for it.',
        };
    }

    /**
     * @param array<int, int>      $starts
     * @param array<int, int|null> $hands
     * @param array<int, string>   $unplaced
     */
    private function timetable(Board $board, array $starts, array $hands, array $unplaced): Timetable
    {
        $broken = [];
        foreach ($this->problem->steps as $i => $work) {
            foreach ($work->after as $lag) {
                if (null === $lag->max || !isset($starts[$i], $starts[$lag->step])) {
                    continue;
                }
                $waited = $starts[$i] - $starts[$lag->step] - $this->problem->steps[$lag->step]->minutes;
                if ($waited > $lag->max) {
                    $broken[] = [$i, $lag->step, $lag->max, $waited];
                }
            }
        }
        $tardiness = 0.0;
        $completion = 0;
        $ends = [];
        foreach ($this->problem->jobs as $j => $job) {
            $end = null;
            foreach ($job->steps as $i) {
                if (isset($starts[$i])) {
                    $end = max($end ?? \PHP_INT_MIN, $starts[$i] + $this->problem->steps[$i]->minutes);
                }
            }
            $ends[$j] = $end ?? 0;
            $tardiness += $job->weight * max(0, $ends[$j] - $job->due);
            $completion += $ends[$j];
        }
        $changes = 0;
        foreach ($board->hands() as $rows) {
            $before = null;
            foreach ($rows as [, , $step]) {
                $setup = $this->problem->steps[$step]->setup;
                $changes += null !== $setup && null !== $before && $setup !== $before ? 1 : 0;
                $before = $setup;
            }
        }

        return new Timetable($starts, $hands, $broken, $unplaced, $ends, [\count($unplaced), \count($broken), $tardiness, $completion, $changes]);
    }
}

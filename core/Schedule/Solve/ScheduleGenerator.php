<?php

declare(strict_types=1);

namespace KindHeel\Core\Schedule\Solve;

use KindHeel\Core\Text\Message;

/**
 * Turns an order of blocks into a timetable: each block as early as it fits, in gaps too (serial schedule generation, Kolisch 1996). Inside a block a step that
 * cannot be reached in its window pushes the one before it to where it can (Franck, Neumann, Schwindt 2001: unscheduling).
 */
final class ScheduleGenerator
{
    private const PUSHES_A_STEP = 40;
    private const LEAST_STRIDE = 3;
    private const CHECKPOINTS = 20;

    public int $evaluations = 0;
    public readonly Blocks $blocks;
    private readonly FixedSteps $fixed;
    /** @var list<int> */
    private readonly array $minutes;
    /** @var list<list<array{int, int, int}>> by step: the step before, its least wait, its longest or -1 */
    private readonly array $lags;
    /** @var array<int, list<int>> blocks that wait for a block */
    private readonly array $following;
    /** @var list<int> how many blocks a block waits for */
    private readonly array $waits;
    /** How many blocks lie between two checkpoints that are kept. */
    private readonly int $stride;

    /** @var array<int, int> of the placing that goes on */
    private array $starts = [];
    /** @var array<int, int> */
    private array $workers = [];
    /** @var array<int, string> */
    private array $unplaced = [];

    /** @param Blocks|null $blocks where the problem differs from a known one only in minutes */
    public function __construct(private readonly Problem $problem, ?Blocks $blocks = null)
    {
        $this->blocks = $blocks ?? Blocks::of($problem);
        $this->fixed = FixedSteps::of($problem);
        $this->minutes = array_map(static fn (Activity $w): int => $w->minutes, $problem->steps);
        $this->lags = array_map(
            static fn (Activity $w): array => array_map(static fn (Lag $l): array => [$l->step, $l->min, $l->max ?? -1], $w->after),
            $problem->steps,
        );
        $following = [];
        foreach ($this->blocks->before as $block => $others) {
            foreach ($others as $other) {
                $following[$other][] = $block;
            }
        }
        $this->following = $following;
        $this->waits = array_map(\count(...), $this->blocks->before);
        $this->stride = max(self::LEAST_STRIDE, intdiv(\count($this->blocks->steps), self::CHECKPOINTS));
    }

    public function place(Candidate $candidate): Timetable
    {
        ++$this->evaluations;
        $checkpoints = \array_slice($candidate->changes->checkpoints ?? [], 0, 1 + intdiv($candidate->from, $this->stride));
        $known = \count($checkpoints) - 1;
        $checkpoint = $checkpoints[$known] ?? new Checkpoint($this->fixed->calendars, $this->fixed->starts, $this->fixed->workers, [], $this->waits, []);
        $candidate->changes = null;
        $calendars = clone $checkpoint->calendars;
        [$this->starts, $this->workers, $this->unplaced, $waits, $passed] = [
            $checkpoint->starts, $checkpoint->workers, $checkpoint->unplaced, $checkpoint->waits, $checkpoint->passed,
        ];
        for ($rank = max(0, $known) * $this->stride, $n = \count($candidate->order); $rank < $n; ++$rank) {
            if (0 === $rank % $this->stride && !isset($checkpoints[intdiv($rank, $this->stride)])) {
                $checkpoints[] = new Checkpoint(clone $calendars, $this->starts, $this->workers, $this->unplaced, $waits, $passed);
            }
            $block = $candidate->order[$rank];
            if ($waits[$block] > 0) {
                // It follows as soon as the last block it waits for is placed; of several, the first in the order.
                $passed[$block] = $rank;

                continue;
            }
            $ready = [$rank => $block];
            while ([] !== $ready) {
                $first = 1 === \count($ready) ? array_key_first($ready) : min(array_keys($ready));
                $next = $ready[$first];
                unset($ready[$first]);
                $calendars = $this->placeBlock($this->blocks->steps[$next], $calendars, $candidate);
                foreach ($this->following[$next] ?? [] as $other) {
                    if (0 === --$waits[$other] && isset($passed[$other])) {
                        $ready[$passed[$other]] = $other;
                    }
                }
            }
        }
        $candidate->checkpoints = $checkpoints;

        return Timetable::of($this->problem, $this->starts, $this->workers, $this->unplaced);
    }

    /**
     * @param list<int> $steps
     *
     * @return ResourceCalendars as it is then
     */
    private function placeBlock(array $steps, ResourceCalendars $calendars, Candidate $candidate): ResourceCalendars
    {
        if (1 === \count($steps)) {
            $this->placeStep($steps[0], 0, $calendars, $candidate);

            return $calendars;
        }
        $before = clone $calendars;
        $calendars = $this->placeTied($steps, $calendars, $candidate, self::PUSHES_A_STEP * \count($steps));
        if ([] !== array_intersect_key($this->unplaced, array_flip($steps))) {
            // Pushed out of the last shift: a broken window is less than a step that is never done.
            foreach ($steps as $step) {
                unset($this->starts[$step], $this->workers[$step], $this->unplaced[$step]);
            }
            $calendars = $this->placeTied($steps, $before, $candidate, 0);
        }

        return $calendars;
    }

    /** @param list<int> $steps that maximum waits tie to each other */
    private function placeTied(array $steps, ResourceCalendars $calendars, Candidate $candidate, int $pushes): ResourceCalendars
    {
        $delay = [];
        $calendarsBefore = [];
        for ($k = 0, $n = \count($steps); $k < $n; ++$k) {
            $calendarsBefore[$k] = clone $calendars;
            $push = $this->placeStep($steps[$k], $delay[$steps[$k]] ?? 0, $calendars, $candidate, $pushes > 0);
            if (null === $push) {
                continue;
            }
            [$step, $until] = $push;
            $at = array_search($step, $steps, true);
            if (false === $at || $at >= $k) {
                $this->placeStep($steps[$k], $delay[$steps[$k]] ?? 0, $calendars, $candidate);

                continue;
            }
            $delay[$step] = max($delay[$step] ?? 0, $until);
            for ($back = $at; $back < $k; ++$back) {
                unset($this->starts[$steps[$back]], $this->workers[$steps[$back]], $this->unplaced[$steps[$back]]);
            }
            $calendars = $calendarsBefore[$at];
            --$pushes;
            $k = $at - 1;
        }

        return $calendars;
    }

    /**
     * @return array{int, int}|null the step that would have to start later, and when, so that this one keeps its window; null when it has been placed or cannot
     *     be
     */
    private function placeStep(int $i, int $from, ResourceCalendars $calendars, Candidate $candidate, bool $mayPush = false): ?array
    {
        $from = max($from, $this->fixed->release[$i], $candidate->held[$i] ?? 0);
        $until = \PHP_INT_MAX;
        $tight = -1;
        foreach ($this->lags[$i] as [$step, $min, $max]) {
            if (!isset($this->starts[$step])) {
                $this->unplaced[$i] = Message::of('It waits for %s, which finds no place.', $this->problem->steps[$step]->id);

                return null;
            }
            $end = $this->starts[$step] + $this->minutes[$step];
            if ($end + $min > $from) {
                $from = $end + $min;
            }
            if ($max >= 0 && $end + $max < $until) {
                $until = $end + $max;
                $tight = $step;
            }
        }
        $asked = $candidate->asked[$i] ?? -1;
        $start = $calendars->earliest($i, $from, $asked);
        if (ResourceCalendars::NEVER === $start && $asked >= 0) {
            $start = $calendars->earliest($i, $from);
        }
        if (ResourceCalendars::NEVER === $start) {
            $this->unplaced[$i] = $this->why($this->problem->steps[$i]);

            return null;
        }
        foreach ($this->fixed->latest[$i] ?? [] as [$fixed, $end]) {
            if ($start + $this->minutes[$i] > $end) {
                $this->unplaced[$i] = Message::of('%s is fixed and would have to wait for it.', $this->problem->steps[$fixed]->id);

                return null;
            }
        }
        if ($start > $until && $mayPush) {
            return [$tight, $start - ($until - $this->starts[$tight])];
        }
        $this->starts[$i] = $start;
        $this->workers[$i] = $calendars->worker;
        $calendars->take($i, $start, $calendars->worker);

        return null;
    }

    private function why(Activity $work): string
    {
        $able = array_intersect_key($this->problem->workers, array_flip($this->problem->able($work)));
        $fits = static fn (Worker $h): bool => [] !== array_filter($h->shifts, static fn (array $s): bool => $s[1] - $s[0] >= $work->minutes);

        return match (true) {
            [] === $able => Message::of('Nobody has the skill “%s”.', $work->skill ?? ''),
            [] === array_filter($able, $fits) => Message::of('It is longer than any shift of those who can do it.'),
            default => Message::of('No shift that is left has room for it.'),
        };
    }
}

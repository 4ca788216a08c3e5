<?php

declare(strict_types=1);

namespace KindHeel\App\Timetable;

use KindHeel\Core\Schedule\Busy;
use KindHeel\Core\Schedule\ProblemBuilder;

/** Who does what when, and when each piece is done. */
final readonly class CurrentTimetable
{
    /**
     * @param list<array{int, int, int, int, int, ?string, ?string}> $blocks  step, person (0 for nobody), start and end in seconds since 1970, piece, station
     *                                                                        and brush, in the order of their start
     * @param array<int, int>                                        $ends    by piece, in seconds since 1970
     * @param int                                                    $changes how often a brush of another colour family is taken up
     * @param array<int, float>                                      $paces   minutes that a person takes against what is usual here
     * @param array<int, string>                                     $marks   of the steps that it was reckoned from, by piece
     * @param string                                                 $hours   the mark of the hours and places that it was reckoned from
     */
    public function __construct(
        public array $blocks,
        public array $ends,
        public int $changes = 0,
        public array $paces = [],
        public array $marks = [],
        public string $hours = '',
    ) {
    }

    /**
     * What hands do of some pieces, day by day.
     *
     * @param list<int> $pieces
     *
     * @return list<HandsDay> the soonest first
     */
    public function handsOf(array $pieces, \DateTimeZone $zone): array
    {
        $days = [];
        foreach ($this->blocks as $block) {
            if ($block[1] > 0 && \in_array($block[4], $pieces, true)) {
                $days[(new \DateTimeImmutable('@'.$block[2]))->setTimezone($zone)->format('Y-m-d')][] = $block;
            }
        }
        ksort($days);

        return array_values(array_map(static fn (array $blocks): HandsDay => new HandsDay(
            new \DateTimeImmutable('@'.min(array_column($blocks, 2))),
            new \DateTimeImmutable('@'.max(array_column($blocks, 3))),
            array_sum(array_map(static fn (array $b): float => ($b[3] - $b[2]) / 60, $blocks)),
            array_column($blocks, 0),
            array_values(array_unique(array_column($blocks, 4))),
        ), $days));
    }

    /**
     * Pieces that have to be placed anew: what has changed since, what is new, and what has begun or should have, whose times move with the clock.
     *
     * @param array<int, string> $marks as things stand, by piece
     *
     * @return list<int>
     */
    public function stale(array $marks, \DateTimeImmutable $now): array
    {
        $stale = array_diff_assoc($marks, $this->marks);
        foreach ($this->blocks as $block) {
            if ($block[2] <= $now->getTimestamp()) {
                $stale[$block[4]] = '';
            }
        }

        return array_keys(array_intersect_key($stale, $marks));
    }

    /**
     * What the other pieces keep of hands and places.
     *
     * @param list<int>          $but   pieces that are placed anew
     * @param array<int, string> $marks of all that are open
     *
     * @return list<Busy>
     */
    public function busy(array $but, array $marks): array
    {
        $busy = [];
        $but = array_flip($but);
        foreach ($this->blocks as [, $person, $from, $until, $piece, $station, $brush]) {
            if (!isset($but[$piece]) && isset($marks[$piece])) {
                $busy[] = new Busy($piece, $person, $from, $until, $station, $brush);
            }
        }

        return $busy;
    }

    /**
     * With some pieces placed anew, and the others as they were.
     *
     * @param list<int>          $pieces that were placed anew
     * @param array<int, string> $marks  of all that are open
     */
    public function with(self $anew, array $pieces, array $marks): self
    {
        $but = array_flip($pieces);
        $stays = array_filter($this->blocks, static fn (array $b): bool => !isset($but[$b[4]]) && isset($marks[$b[4]]));
        // Both are in the order of their start.
        $blocks = [];
        $placed = $anew->blocks;
        $k = 0;
        foreach ($stays as $block) {
            while (isset($placed[$k]) && ($placed[$k][2] < $block[2] || $placed[$k][2] === $block[2] && $placed[$k][0] < $block[0])) {
                $blocks[] = $placed[$k++];
            }
            $blocks[] = $block;
        }
        array_push($blocks, ...\array_slice($placed, $k));
        $ends = $anew->ends + array_diff_key(array_intersect_key($this->ends, $marks), $but);

        return new self($blocks, $ends, $anew->changes, $anew->paces, $marks, $anew->hours);
    }

    /** @return array{array<int, int>, array<int, int>} starts and workers as they were meant, by index of the activity */
    public function before(ProblemBuilder $builder): array
    {
        $known = [];
        foreach ($this->blocks as [$step, $person, $start]) {
            $known[$step] ??= [$person, $start];
        }
        $people = [];
        foreach ($builder->problem->workers as $w => $worker) {
            $people[(int) $worker->id] = $w;
        }
        $starts = $workers = [];
        foreach ($builder->tasks as $i => $task) {
            if (isset($known[$task->id]) && !$task->running) {
                [$person, $start] = $known[$task->id];
                $starts[$i] = max(0, intdiv($start - $builder->now->getTimestamp(), 60));
                if (isset($people[$person]) && $builder->problem->workers[$people[$person]]->can($task->skill)) {
                    $workers[$i] = $people[$person];
                }
            }
        }

        return [$starts, $workers];
    }

    /** @return array<int, int> place of each step in the order of their start */
    public function ranks(): array
    {
        return array_flip(array_values(array_unique(array_column($this->blocks, 0))));
    }

    /** @return array<int, int> place of each step in the order of their start, what is meant for this person before all else */
    public function ranksFor(int $person): array
    {
        $mine = array_filter($this->blocks, static fn (array $b): bool => $b[1] === $person);

        return array_flip(array_values(array_unique([...array_column($mine, 0), ...array_column(array_diff_key($this->blocks, $mine), 0)])));
    }

    /** @return array<int, int> minutes that this person will take for each step, by id */
    public function minutesFor(int $person): array
    {
        $minutes = [];
        foreach ($this->blocks as [$step, , $start, $end]) {
            $minutes[$step] = ($minutes[$step] ?? 0.0) + ($end - $start) / 60 * ($this->paces[$person] ?? 1.0);
        }

        return array_map(static fn (float $m): int => max(1, (int) round($m)), $minutes);
    }
}

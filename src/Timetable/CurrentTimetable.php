<?php

declare(strict_types=1);

namespace KindHeel\App\Timetable;

use KindHeel\Core\Schedule\ProblemBuilder;

/** Who does what when, and when each piece is done. */
final readonly class CurrentTimetable
{
    /**
     * @param list<array{int, int, int, int}> $blocks  step, person (0 for nobody), start and end in seconds since 1970, in the order of their start
     * @param array<int, int>                 $ends    by piece, in seconds since 1970
     * @param int                             $changes how often a brush of another colour family is taken up
     * @param array<int, float>               $paces   minutes that a person takes against what is usual here
     */
    public function __construct(public array $blocks, public array $ends, public int $changes = 0, public array $paces = [])
    {
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

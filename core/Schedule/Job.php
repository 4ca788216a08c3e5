<?php

declare(strict_types=1);

namespace KindHeel\Core\Schedule;

use KindHeel\Core\Drying\Stage;

/** A piece with all its steps, what it holds meanwhile, and the date it is promised for. */
final readonly class Job
{
    /** @var array<string, Task> by key */
    public array $tasks;
    /** @var list<Task> those that are not done */
    public array $open;

    /**
     * @param list<Task>    $tasks    in the order of the plan
     * @param list<Holding> $holdings
     */
    public function __construct(public int $piece, public \DateTimeImmutable $due, array $tasks, public array $holdings = [])
    {
        $byKey = [];
        foreach ($tasks as $task) {
            $byKey[$task->key] = $task;
        }
        $this->tasks = $byKey;
        $this->open = array_values(array_filter($tasks, static fn (Task $t): bool => null === $t->doneAt));
    }

    public function readiness(Task $task, \DateTimeImmutable $now): Readiness
    {
        return Readiness::of($task, $this->tasks, $now);
    }

    /**
     * Coats whose window over the coat below has closed: they want a key first (W-7).
     *
     * @return list<array{Task, Task}> the coat and the one below
     */
    public function missedWindows(\DateTimeImmutable $now): array
    {
        $missed = [];
        foreach ($this->open as $task) {
            foreach ($task->after as $bond) {
                $below = $this->tasks[$bond->step] ?? null;
                if (
                    Stage::RecoatUntil === $bond->before
                    && null !== $below
                    && !$task->running
                    && Standing::Late === Readiness::of($task->waitingFor($bond), $this->tasks, $now)->standing
                ) {
                    $missed[] = [$task, $below];
                }
            }
        }

        return $missed;
    }
}

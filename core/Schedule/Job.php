<?php

declare(strict_types=1);

namespace KindHeel\Core\Schedule;

/** A piece with all its steps and the date it is promised for. */
final readonly class Job
{
    /** @var array<string, Task> by key */
    public array $tasks;
    /** @var list<Task> those that are not done */
    public array $open;

    /** @param list<Task> $tasks in the order of the plan */
    public function __construct(public int $piece, public \DateTimeImmutable $due, array $tasks)
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
}

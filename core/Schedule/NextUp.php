<?php

declare(strict_types=1);

namespace KindHeel\Core\Schedule;

/**
 * What one pair of hands does next among all pieces.
 *
 * First what is under way; then what would soon be too late; then a gate test, which takes a moment and sets work free;
 * then work that may start, in the order in which it was foreseen. Windows missed come last: they want a decision, not hands.
 */
final class NextUp
{
    /** A window that closes within so many minutes goes before everything that can wait. */
    private const SOON_MINUTES = 20;

    /**
     * @param list<Job>       $jobs
     * @param array<int, int> $rank place of each task in the order in which these hands are meant to do what may begin, by id
     *
     * @return list<Call> the most pressing first
     */
    public static function order(array $jobs, \DateTimeImmutable $now, array $rank = []): array
    {
        $soon = $now->modify(\sprintf('+%d minutes', self::SOON_MINUTES));
        $calls = [];
        foreach ($jobs as $job) {
            foreach ($job->tasks as $task) {
                $call = self::call($job, $task, $now, $soon);
                if (null !== $call) {
                    $calls[] = $call;
                }
            }
        }
        $key = static fn (Call $c): array => [
            $c->urgency->rank(),
            Urgency::Open === $c->urgency ? $rank[$c->task->id] ?? \PHP_INT_MAX : 0,
            $c->closesAt ?? $c->due,
            $c->due,
            $c->task->piece,
            $c->task->position,
        ];
        usort($calls, static fn (Call $a, Call $b): int => $key($a) <=> $key($b));

        return $calls;
    }

    private static function call(Job $job, Task $task, \DateTimeImmutable $now, \DateTimeImmutable $soon): ?Call
    {
        if ($task->running) {
            return new Call($task, Urgency::Running, $job->due, null);
        }
        if (null !== $task->doneAt) {
            return $task->gateIsDue($now) && self::setsFree($job, $task) ? new Call($task, Urgency::Test, $job->due, null) : null;
        }
        $readiness = $job->readiness($task, $now);

        return match ($readiness->standing) {
            Standing::Open => new Call(
                $task,
                null !== $readiness->closesAt && $readiness->closesAt <= $soon ? Urgency::Closing : Urgency::Open,
                $job->due,
                $readiness->closesAt,
            ),
            Standing::Late => new Call($task, Urgency::Missed, $job->due, $readiness->closesAt),
            default => null,
        };
    }

    /** Something that is not done waits for this coat. */
    private static function setsFree(Job $job, Task $laid): bool
    {
        foreach ($job->open as $task) {
            foreach ($task->after as $bond) {
                if ($bond->step === $laid->key && null !== $bond->from) {
                    return true;
                }
            }
        }

        return false;
    }
}

<?php

declare(strict_types=1);

namespace KindHeel\Core\Schedule;

/** How one pair of hands would spend the time ahead: always the step that may begin first, the piece due soonest first. */
final class Outlook
{
    /**
     * @param list<Job> $jobs
     *
     * @return list<Block> in order, up to the end given
     */
    public static function until(array $jobs, \DateTimeImmutable $now, \DateTimeImmutable $end): array
    {
        $free = $now->getTimestamp();
        $limit = $end->getTimestamp();
        $byPiece = [];
        $ends = [];
        foreach ($jobs as $job) {
            $byPiece[$job->piece] = $job;
            foreach ($job->tasks as $task) {
                if ($task->running) {
                    $free = max($free, $now->getTimestamp() + 60);
                    $ends[$job->piece][$task->key] = $free;
                }
            }
        }
        $earliest = [];
        foreach ($byPiece as $piece => $job) {
            $earliest[$piece] = self::best($job, $ends[$piece] ?? [], $now);
        }
        $blocks = [];
        while ($free < $limit) {
            $pick = null;
            foreach ($earliest as $piece => $candidate) {
                if (null !== $candidate && (null === $pick || self::before($candidate, $byPiece[$piece], $earliest[$pick], $byPiece[$pick], $free))) {
                    $pick = $piece;
                }
            }
            if (null === $pick || null === $earliest[$pick]) {
                break;
            }
            [$task, $opens] = $earliest[$pick];
            $start = max($free, $opens);
            if ($start >= $limit) {
                break;
            }
            $free = $start + (int) round(60 * $task->minutes);
            $ends[$pick][$task->key] = $free;
            $blocks[] = new Block($task, $now->setTimestamp($start), $now->setTimestamp($free));
            $earliest[$pick] = self::best($byPiece[$pick], $ends[$pick], $now);
        }

        return $blocks;
    }

    /**
     * @param array{Task, int}      $a
     * @param array{Task, int}|null $b
     */
    private static function before(array $a, Job $ja, ?array $b, Job $jb, int $free): bool
    {
        return null === $b || [max($a[1], $free), $ja->due] < [max($b[1], $free), $jb->due];
    }

    /**
     * The step of a piece that may begin first, and when.
     *
     * @param array<string, int> $ends of steps placed in the outlook
     *
     * @return array{Task, int}|null
     */
    private static function best(Job $job, array $ends, \DateTimeImmutable $now): ?array
    {
        $best = null;
        foreach ($job->open as $task) {
            if (isset($ends[$task->key])) {
                continue;
            }
            $opens = self::opens($job, $task, $ends, $now);
            if (null !== $opens && (null === $best || $opens < $best[1])) {
                $best = [$task, $opens];
            }
        }

        return $best;
    }

    /** @param array<string, int> $ends */
    private static function opens(Job $job, Task $task, array $ends, \DateTimeImmutable $now): ?int
    {
        $opens = $now->getTimestamp();
        foreach ($task->after as $bond) {
            $earlier = $job->tasks[$bond->step] ?? null;
            $end = $ends[$bond->step] ?? $earlier?->doneAt?->getTimestamp();
            if (null === $earlier || null === $end) {
                return null;
            }
            $forecast = null === $bond->from ? null : $earlier->secondsAt($bond->from);
            $opens = max($opens, $forecast ?? $end + (int) round(60 * ($task->usual[$bond->step] ?? 0.0)));
        }

        return $opens;
    }
}

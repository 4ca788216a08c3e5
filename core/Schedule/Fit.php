<?php

declare(strict_types=1);

namespace KindHeel\Core\Schedule;

/**
 * What fits into a stretch of free minutes for one pair of hands, one thing after the other.
 *
 * Nothing is begun that would have to be followed soon after the stretch is over: whoever has twenty-five minutes may be gone then.
 */
final readonly class Fit
{
    /** A window that closes within so many minutes of the stretch's end counts as soon. */
    private const SOON_MINUTES = 60.0;

    private int $limit;
    /** @var array<int, Job> */
    private array $jobs;

    /**
     * @param list<Job>       $jobs
     * @param array<int, int> $rank place of each task in the order in which the workshop means to do them, by id
     */
    private function __construct(int $minutes, array $jobs, private array $rank, private \DateTimeImmutable $now, private int $switchMinutes)
    {
        $this->limit = $now->getTimestamp() + 60 * $minutes;
        $byPiece = [];
        foreach ($jobs as $job) {
            $byPiece[$job->piece] = $job;
        }
        $this->jobs = $byPiece;
    }

    /**
     * @param list<Job>       $jobs
     * @param array<int, int> $rank
     * @param int             $switchMinutes that going on with another piece takes
     *
     * @return list<Block> in order
     */
    public static function into(int $minutes, array $jobs, array $rank, \DateTimeImmutable $now, int $switchMinutes = 0): array
    {
        $fit = new self($minutes, $jobs, $rank, $now, $switchMinutes);
        $free = $now->getTimestamp();
        $ends = [];
        $blocks = [];
        $inHand = null;
        while (null !== ($pick = $fit->next($free, $ends, $inHand))) {
            [$start, , $task] = $pick;
            $free = $start + 60 * $task->minutesLeft($now);
            $ends[$task->piece][$task->key] = $free;
            $inHand = $task->piece;
            $blocks[] = new Block($task, $now->setTimestamp($start), $now->setTimestamp($free));
        }

        return $blocks;
    }

    /**
     * @param array<int, array<string, int>> $ends   of what has been taken up in the stretch, by piece and key
     * @param int|null                       $inHand the piece that was worked on last
     *
     * @return array{int, int, Task}|null start, rank and task: what may begin first, then what is meant to come first
     */
    private function next(int $free, array $ends, ?int $inHand): ?array
    {
        $best = null;
        foreach ($this->jobs as $piece => $job) {
            $mine = $ends[$piece] ?? [];
            $ready = $free + (null === $inHand || $inHand === $piece ? 0 : 60 * $this->switchMinutes);
            foreach ($job->open as $task) {
                if ($task->running || isset($mine[$task->key])) {
                    continue;
                }
                $opens = $this->opens($job, $task, $mine);
                $start = null === $opens ? \PHP_INT_MAX : max($ready, $opens);
                if ($start + 60 * $task->minutesLeft($this->now) > $this->limit || !$this->maySitAfter($job, $task, $start)) {
                    continue;
                }
                $candidate = [$start, $this->rank[$task->id] ?? \PHP_INT_MAX, $task];
                if (null === $best || [$candidate[0], $candidate[1]] < [$best[0], $best[1]]) {
                    $best = $candidate;
                }
            }
        }

        return $best;
    }

    /** Nothing that must follow it soon falls outside the stretch. */
    private function maySitAfter(Job $job, Task $task, int $start): bool
    {
        $end = $start + 60 * $task->minutesLeft($this->now);
        foreach ($job->open as $follower) {
            $longest = $follower->longest[$task->key] ?? null;
            if (
                null !== $longest
                && $longest <= self::SOON_MINUTES
                && $end + (int) (60 * (($follower->usual[$task->key] ?? 0.0) + $follower->minutes)) > $this->limit
            ) {
                return false;
            }
        }

        return true;
    }

    /**
     * When a step may begin; null while something before it is neither done nor taken up, or its test has not been made.
     *
     * @param array<string, int> $ends
     */
    private function opens(Job $job, Task $task, array $ends): ?int
    {
        $opens = $this->now->getTimestamp();
        foreach ($task->after as $bond) {
            $earlier = $job->tasks[$bond->step] ?? null;
            if (isset($ends[$bond->step])) {
                $opens = max($opens, $ends[$bond->step] + (int) round(60 * ($task->usual[$bond->step] ?? 0.0)));
                continue;
            }
            if (null === $earlier?->doneAt) {
                return null;
            }
        }
        $done = array_filter($task->after, static fn ($bond): bool => !isset($ends[$bond->step]));
        $readiness = Readiness::of($task->waitingFor(...$done), $job->tasks, $this->now);

        return match ($readiness->standing) {
            Standing::Open, Standing::ToTest => $opens,
            Standing::Waiting => max($opens, $readiness->opensAt?->getTimestamp() ?? $opens),
            default => null,
        };
    }
}

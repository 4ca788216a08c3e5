<?php

declare(strict_types=1);

namespace KindHeel\Core\Schedule;

use KindHeel\Core\Schedule\Solve\Activity;
use KindHeel\Core\Schedule\Solve\DueJob;
use KindHeel\Core\Schedule\Solve\Lag;
use KindHeel\Core\Schedule\Solve\Problem;
use KindHeel\Core\Schedule\Solve\Timetable;
use KindHeel\Core\Schedule\Solve\Worker;

/**
 * The bench as the solver sees it: what is open with its waits, what is under way where it is, and the coats that others wait for as moments that have been.
 * Minutes count from `$now`.
 */
final readonly class ProblemBuilder
{
    /** A coat that stalls in this air is looked at again after so long. */
    private const STALLED_MINUTES = 7 * 1440;

    /** @param array<int, Task> $tasks by index of the step in the problem, more than once where it is done in stretches; what has been is not among them */
    private function __construct(public Problem $problem, public array $tasks, public \DateTimeImmutable $now)
    {
    }

    /**
     * @param list<Job>          $jobs
     * @param list<Worker>       $hands  whose ids are those of people
     * @param array<string, int> $places how many a station takes; one that is not named takes any number
     * @param array<int, float>  $weight what a late minute weighs, by piece; 1 where nothing is said
     * @param SetUpMinutes|null  $setUp  what going from piece to piece costs; null for nothing
     * @param list<Busy>         $busy   what other pieces keep of the hands and places
     * @param array<string, int> $gear   how many trees and clamps there are ({@see GearQueue})
     */
    public static function of(
        array $jobs,
        array $hands,
        array $places,
        \DateTimeImmutable $now,
        array $weight = [],
        ?SetUpMinutes $setUp = null,
        array $busy = [],
        array $gear = [],
    ): self {
        $stations = array_flip(array_keys($places));
        $people = [];
        foreach ($hands as $h => $hand) {
            $people[(int) $hand->id] = $h;
        }
        $works = $promised = $tasks = $first = $last = [];
        foreach ($jobs as $job) {
            $index = [];
            $steps = [];
            foreach (self::needed($job) as $task) {
                $index[$task->key] = $i = \count($works);
                $steps[] = $i;
                $id = \sprintf('%d/%s', $task->piece, $task->key);
                if (null !== $task->doneAt) {
                    $works[] = new Activity(
                        id: $id,
                        job: \count($promised),
                        minutes: 0,
                        attended: false,
                        skill: null,
                        station: null,
                        after: [],
                        setup: null,
                        fixedStart: self::minutes($task->doneAt, $now),
                    );

                    continue;
                }
                $lags = $task->running ? [] : self::lags($task, $job, $index, $now);
                foreach (self::stretches($task, $hands, $now) as $stretch => $minutes) {
                    $i = \count($works);
                    if (0 < $stretch) {
                        $steps[] = $i;
                        $index[$task->key] = $i;
                    } else {
                        $first[$job->piece][$task->key] = $i;
                    }
                    $tasks[$i] = $task;
                    $works[] = new Activity(
                        id: 0 === $stretch ? $id : $id.'+'.$stretch,
                        job: \count($promised),
                        minutes: $minutes,
                        attended: true,
                        skill: $task->skill,
                        station: null === $task->station ? null : $stations[$task->station] ?? null,
                        after: 0 === $stretch ? $lags : [new Lag($i - 1, 0, null)],
                        setup: $task->brush,
                        fixedStart: $task->running ? 0 : null,
                        fixedPerson: $task->running && null !== $task->by ? $people[$task->by] ?? null : null,
                    );
                }
            }
            $last[$job->piece] = $index;
            if ([] !== $steps) {
                $promised[] = new DueJob(
                    (string) $job->piece,
                    (int) floor(($job->due->getTimestamp() - $now->getTimestamp()) / 60),
                    $weight[$job->piece] ?? 1.0,
                    $steps,
                );
            }
        }

        $works = GearQueue::queued($jobs, $gear, $works, $first, $last);
        $others = [];
        foreach ($busy as $stays) {
            $others[$stays->piece][] = $stays;
        }
        foreach ($others as $piece => $each) {
            $steps = [];
            foreach ($each as $n => $stays) {
                $steps[] = \count($works);
                $from = (int) floor(($stays->from - $now->getTimestamp()) / 60);
                $works[] = new Activity(
                    id: \sprintf('%d/%04d', $piece, $n),
                    job: \count($promised),
                    minutes: (int) ceil(($stays->until - $now->getTimestamp()) / 60) - $from,
                    attended: true,
                    skill: null,
                    station: null === $stays->station ? null : $stations[$stays->station] ?? null,
                    after: [],
                    setup: $stays->brush,
                    fixedStart: $from,
                    fixedPerson: $people[$stays->person] ?? null,
                    stays: true,
                );
            }
            $promised[] = new DueJob((string) $piece, \PHP_INT_MAX, 0.0, $steps);
        }
        $problem = new Problem($works, $promised, $hands, array_values($places), $setUp->switch ?? 0, $setUp->handover ?? 0);

        return new self($problem, $tasks, $now);
    }

    public function start(Timetable $table, int $step): ?\DateTimeImmutable
    {
        return isset($table->starts[$step]) ? $this->at($table->starts[$step]) : null;
    }

    public function at(int $minute): \DateTimeImmutable
    {
        return $this->now->setTimestamp($this->now->getTimestamp() + 60 * $minute);
    }

    /** @return list<Task> what is open, after the done ones it waits for, each after what it waits for */
    private static function needed(Job $job): array
    {
        $needed = [];
        foreach ($job->open as $task) {
            foreach ($task->after as $bond) {
                if (null !== ($job->tasks[$bond->step] ?? null)?->doneAt) {
                    $needed[$bond->step] = $job->tasks[$bond->step];
                }
            }
        }

        return [] === $job->open ? [] : [...array_values($needed), ...$job->open];
    }

    /**
     * @param array<string, int> $index
     *
     * @return list<Lag>
     */
    private static function lags(Task $task, Job $job, array $index, \DateTimeImmutable $now): array
    {
        $lags = [];
        foreach ($task->after as $bond) {
            if (!isset($index[$bond->step])) {
                continue;
            }
            $earlier = $job->tasks[$bond->step];
            $min = (int) ceil($task->usual[$bond->step] ?? 0.0);
            $max = $task->longest[$bond->step] ?? null;
            if (null !== $earlier->doneAt) {
                $readiness = Readiness::of($task->waitingFor($bond), $job->tasks, $now);
                $done = $earlier->doneAt->getTimestamp();
                $min = Standing::Stalled === $readiness->standing
                        ? self::STALLED_MINUTES
                        : max(0, null === $readiness->opensAt ? 0 : (int) ceil(($readiness->opensAt->getTimestamp() - $done) / 60));
                $max = null === $readiness->closesAt ? null : ($readiness->closesAt->getTimestamp() - $done) / 60;
            }
            $lags[] = new Lag($index[$bond->step], $min, null === $max ? null : max($min, (int) floor($max)));
        }

        return $lags;
    }

    /**
     * What is longer than the longest shift of those who can do it is set down at its end and gone on with in the next.
     *
     * @param list<Worker> $hands
     *
     * @return non-empty-list<int> minutes of each stretch
     */
    private static function stretches(Task $task, array $hands, \DateTimeImmutable $now): array
    {
        $minutes = $task->minutesLeft($now);
        $longest = 0;
        foreach ($hands as $hand) {
            foreach ($hand->can($task->skill) ? $hand->shifts : [] as [$from, $until]) {
                $longest = max($longest, $until - $from);
            }
        }
        if ($task->running || 0 === $longest || $minutes <= $longest) {
            return [$minutes];
        }
        $count = (int) ceil($minutes / $longest);

        return array_map(static fn (int $i): int => intdiv($minutes * ($i + 1), $count) - intdiv($minutes * $i, $count), range(0, $count - 1));
    }

    private static function minutes(\DateTimeImmutable $at, \DateTimeImmutable $now): int
    {
        return (int) floor(($at->getTimestamp() - $now->getTimestamp()) / 60);
    }
}

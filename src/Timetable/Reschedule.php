<?php

declare(strict_types=1);

namespace KindHeel\App\Timetable;

use Doctrine\ORM\EntityManagerInterface;
use KindHeel\App\Job\BenchChanged;
use KindHeel\App\Learning\Factors;
use KindHeel\App\Learning\Learning;
use KindHeel\App\Settings\WorkingHours;
use KindHeel\App\Settings\WorkshopSettings;
use KindHeel\Core\Schedule\Busy;
use KindHeel\Core\Schedule\Job;
use KindHeel\Core\Schedule\Learning\Learned;
use KindHeel\Core\Schedule\ProblemBuilder;
use KindHeel\Core\Schedule\Solve\Candidate;
use KindHeel\Core\Schedule\Solve\PriorityRules;
use KindHeel\Core\Schedule\Solve\ScheduleGenerator;
use KindHeel\Core\Schedule\Solve\Solver;
use KindHeel\Core\Schedule\Solve\Timetable;
use KindHeel\Core\Schedule\Solve\Worker;
use Psr\Clock\ClockInterface;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;

/**
 * Places the work of all pieces and people anew.
 *
 * Whenever the bench changes, what has changed is placed at once in the order that was meant before, between what has not, within the change itself; then
 * {@see improve()} looks for a better order of everything in the background. What is under way never moves.
 */
final readonly class Reschedule
{
    private const SEED = 1;
    /** So many pieces, or one in so many, are placed between the others; more are placed with all of them. */
    private const FEW = 6;
    private const SHARE = 3;

    public function __construct(
        private TimetableStore $store,
        private OpenJobs $jobs,
        private WorkingHours $hours,
        private WorkshopSettings $settings,
        private Learning $learning,
        private EntityManagerInterface $entities,
        private ClockInterface $clock,
    ) {
    }

    /** Part of the transaction in which the bench changes. */
    #[AsEventListener]
    public function benchChanged(BenchChanged $event): void
    {
        // What follows is read past the entities.
        $this->entities->flush();
        $event->times ? $this->renew() : $this->store->touch();
    }

    /**
     * Looks for a better order unless it has for the bench as it is.
     *
     * @param \Closure(): bool $goOn
     *
     * @return bool whether it looked
     */
    public function improve(\Closure $goOn, bool $anyway = false): bool
    {
        if (!$anyway && !$this->store->isUnsolved()) {
            return false;
        }
        $changes = $this->store->changes();
        $now = $this->clock->now();
        $factors = $this->learning->factors();
        $hours = $this->hours->from($now);
        $marks = $this->jobs->marks();
        $builder = $this->problem($this->jobs->all($factors), $now, $hours);
        [$starts, $workers] = $this->store->read()->before($builder);
        $random = new Randomizer(new Mt19937(self::SEED));
        $table = (new Solver($builder->problem, static fn (int $sides): int => $random->getInt(0, $sides - 1), $goOn))->solve($starts, $workers);
        $this->store->improve(self::told($builder, $table, $factors, $marks, $this->hoursMark($hours, $now)), $builder->now, $changes);

        return true;
    }

    private function renew(): void
    {
        $now = $this->clock->now();
        $before = $this->store->read();
        $hours = $this->hours->from($now);
        $mark = $this->hoursMark($hours, $now);
        $marks = $this->jobs->marks();
        $factors = $this->learning->factors();
        // Of other hours everything is placed anew, also what an earlier build wrote down in its own way.
        $stale = $before->hours === $mark ? $before->stale($marks, $now) : array_keys($marks);
        $table = null;
        if ($before->hours === $mark && \count($stale) <= max(self::FEW, \count($marks) / self::SHARE)) {
            $jobs = $this->jobs->all($factors, $stale);
            $builder = $this->problem($jobs, $now, $hours, $before->busy($stale, $marks));
            $turns = $this->turns($jobs, $builder, $before);
            $placed = null === $turns ? null : self::placed($builder, $before, $turns);
            // What finds no place between the others, or not within its window, moves them; so does what wants trees and has no turn at them yet.
            $table = null === $placed || $placed->worth[0] + $placed->worth[1] > 0 ? null
                : $before->with(self::told($builder, $placed, $factors, $marks, $mark), $stale, $marks);
        }
        if (null === $table) {
            $builder = $this->problem($this->jobs->all($factors), $now, $hours);
            $table = self::told($builder, self::placed($builder, $before), $factors, $marks, $mark);
        }
        $this->store->renew($table, $now);
    }

    /**
     * At once, in the order that was meant before.
     *
     * @param array<int, int> $turns earliest start by activity
     */
    private static function placed(ProblemBuilder $builder, CurrentTimetable $before, array $turns = []): Timetable
    {
        $generator = new ScheduleGenerator($builder->problem);
        $rules = new PriorityRules($builder->problem, $generator->blocks);
        [$starts, $workers] = $before->before($builder);

        return $generator->place(new Candidate([] === $starts ? $rules->all()[0] : $rules->asBefore($starts), $workers, $turns));
    }

    /**
     * When those that wait for trees or clamps of which there are too few have their turn: as it was meant, until everything is looked at anew.
     *
     * @param list<Job> $jobs
     *
     * @return array<int, int>|null earliest start by activity; null where one has no turn yet
     */
    private function turns(array $jobs, ProblemBuilder $builder, CurrentTimetable $before): ?array
    {
        $wanted = [];
        foreach ($jobs as $job) {
            foreach ($job->holdings as $holding) {
                $from = $job->tasks[$holding->from] ?? null;
                if (null !== $from && null === $from->doneAt && !$from->running) {
                    $wanted[$holding->gear][$from->id] = true;
                }
            }
        }
        $short = [] === $wanted ? [] : array_intersect_key($wanted, array_flip($this->jobs->shortOf($this->settings->gear())));
        if ([] === $short) {
            return [];
        }
        $steps = array_replace(...array_values($short));
        [$starts] = $before->before($builder);
        $turns = [];
        foreach ($builder->tasks as $i => $task) {
            if (isset($steps[$task->id])) {
                $turns[$i] = $starts[$i] ?? null;
            }
        }

        return \in_array(null, $turns, true) ? null : array_filter($turns, is_int(...));
    }

    /**
     * @param list<Job>    $jobs  that are placed
     * @param list<Worker> $hours
     * @param list<Busy>   $busy  what the others keep
     */
    private function problem(array $jobs, \DateTimeImmutable $now, array $hours, array $busy = []): ProblemBuilder
    {
        return ProblemBuilder::of(
            $jobs,
            $hours,
            $this->settings->places(),
            $now,
            $this->jobs->weights(),
            $this->settings->setUp(),
            $busy,
            $this->settings->gear(),
        );
    }

    /**
     * Another as soon as people, their hours, what stations take or how many trees there are are others, and whenever a shift has begun or ended.
     *
     * @param list<Worker> $hours
     */
    private function hoursMark(array $hours, \DateTimeImmutable $now): string
    {
        $from = intdiv($now->getTimestamp(), 60);
        $setUp = $this->settings->setUp();
        $shifts = static fn (Worker $w): array => array_map(static fn (array $s): array => [$s[0] > 0 ? $from + $s[0] : 0, $from + $s[1]], $w->shifts);

        return hash('sha256', json_encode([
            array_map(static fn (Worker $w): array => [$w->id, $w->skills, $shifts($w)], $hours),
            $this->settings->places(),
            $this->settings->gear(),
            $setUp->switch,
            $setUp->handover,
        ], \JSON_THROW_ON_ERROR));
    }

    /** @param array<int, string> $marks */
    private static function told(ProblemBuilder $builder, Timetable $table, Factors $factors, array $marks, string $hours): CurrentTimetable
    {
        $now = $builder->now->getTimestamp();
        $blocks = $ends = [];
        foreach ($builder->tasks as $i => $task) {
            if (isset($table->starts[$i])) {
                $start = $now + 60 * $table->starts[$i];
                $worker = $table->workers[$i];
                $blocks[] = [
                    $task->id,
                    $worker < 0 ? 0 : (int) $builder->problem->workers[$worker]->id,
                    $start,
                    $start + 60 * $builder->problem->steps[$i]->minutes,
                    $task->piece,
                    $task->station,
                    $task->brush,
                ];
            }
        }
        usort($blocks, static fn (array $a, array $b): int => [$a[2], $a[0]] <=> [$b[2], $b[0]]);
        foreach ($builder->problem->jobs as $j => $job) {
            // What only stays where it was has its end already.
            if (!isset($builder->tasks[$job->steps[\count($job->steps) - 1]])) {
                continue;
            }
            $whole = [] === array_intersect_key($table->unplaced, array_flip($job->steps));
            $ends[(int) $job->id] = $whole ? $now + 60 * $table->ends[$j] : \PHP_INT_MAX;
        }

        $paces = array_map(static fn (Learned $l): float => round($l->factor, 3), $factors->people);

        return new CurrentTimetable($blocks, $ends, $table->worth[4], $paces, $marks, $hours);
    }
}

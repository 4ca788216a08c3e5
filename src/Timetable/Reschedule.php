<?php

declare(strict_types=1);

namespace KindHeel\App\Timetable;

use Doctrine\ORM\EntityManagerInterface;
use KindHeel\App\Job\BenchChanged;
use KindHeel\App\Learning\Factors;
use KindHeel\App\Learning\Learning;
use KindHeel\App\Settings\WorkingHours;
use KindHeel\App\Settings\WorkshopSettings;
use KindHeel\Core\Schedule\Learning\Learned;
use KindHeel\Core\Schedule\ProblemBuilder;
use KindHeel\Core\Schedule\Solve\Candidate;
use KindHeel\Core\Schedule\Solve\PriorityRules;
use KindHeel\Core\Schedule\Solve\ScheduleGenerator;
use KindHeel\Core\Schedule\Solve\Solver;
use KindHeel\Core\Schedule\Solve\Timetable;
use Psr\Clock\ClockInterface;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;

/**
 * Places the work of all pieces and people anew.
 *
 * Whenever the bench changes it is placed at once in the order that was meant before, within the change itself; then {@see improve()} looks for a better
 * order in the background. What is under way never moves.
 */
final readonly class Reschedule
{
    private const SEED = 1;

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
        $factors = $this->learning->factors();
        $builder = $this->problem($factors);
        [$starts, $workers] = $this->store->read()->before($builder);
        $random = new Randomizer(new Mt19937(self::SEED));
        $table = (new Solver($builder->problem, static fn (int $sides): int => $random->getInt(0, $sides - 1), $goOn))->solve($starts, $workers);
        $this->store->improve(self::told($builder, $table, $factors), $builder->now, $changes);

        return true;
    }

    private function renew(): void
    {
        $factors = $this->learning->factors();
        $builder = $this->problem($factors);
        $generator = new ScheduleGenerator($builder->problem);
        $rules = new PriorityRules($builder->problem, $generator->blocks);
        [$starts, $workers] = $this->store->read()->before($builder);
        $order = [] === $starts ? $rules->all()[0] : $rules->asBefore($starts);
        $this->store->renew(self::told($builder, $generator->place(new Candidate($order, $workers)), $factors), $builder->now);
    }

    private function problem(Factors $factors): ProblemBuilder
    {
        $now = $this->clock->now();

        return ProblemBuilder::of(
            $this->jobs->all($factors),
            $this->hours->from($now),
            $this->settings->places(),
            $now,
            $this->jobs->weights(),
            $this->settings->setUp(),
        );
    }

    private static function told(ProblemBuilder $builder, Timetable $table, Factors $factors): CurrentTimetable
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
                ];
            }
        }
        usort($blocks, static fn (array $a, array $b): int => [$a[2], $a[0]] <=> [$b[2], $b[0]]);
        foreach ($builder->problem->jobs as $j => $job) {
            $whole = [] === array_intersect_key($table->unplaced, array_flip($job->steps));
            $ends[(int) $job->id] = $whole ? $now + 60 * $table->ends[$j] : \PHP_INT_MAX;
        }

        return new CurrentTimetable($blocks, $ends, $table->worth[4], array_map(static fn (Learned $l): float => round($l->factor, 3), $factors->people));
    }
}

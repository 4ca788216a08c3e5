<?php

declare(strict_types=1);

namespace KindHeel\App\Ahead;

use Doctrine\DBAL\ArrayParameterType;
use Doctrine\DBAL\Connection;
use KindHeel\App\Database\Row;
use KindHeel\App\Http\Iso;
use KindHeel\App\Learning\Factors;
use KindHeel\App\Learning\Learning;
use KindHeel\App\Plan\Jobs;
use KindHeel\App\Workshop\Hands;
use KindHeel\App\Workshop\Settings;
use KindHeel\Core\Schedule\Job;
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

/**
 * Reckons what lies ahead for all pieces and people.
 *
 * Whenever the bench changes it is placed anew at once in the order that was meant before, within the change itself; then {@see improve()} looks for a better
 * order in the background. What is under way never moves.
 */
final readonly class Foresee
{
    private const SEED = 1;
    /** How many times as much a late minute of a rush weighs. */
    private const RUSH = 5.0;

    public function __construct(private Connection $connection, private Hands $hands, private Settings $settings, private Learning $learning, private ClockInterface $clock)
    {
    }

    /** The bench has changed: the rest moves at once. Part of the caller's transaction. */
    public function renew(): void
    {
        $factors = $this->learning->factors();
        $builder = $this->problem($factors);
        $placer = new ScheduleGenerator($builder->problem);
        [$starts, $hands] = self::before($builder, $this->read());
        $order = [] === $starts ? (new PriorityRules($builder->problem, $placer->blocks))->all()[0] : (new PriorityRules($builder->problem, $placer->blocks))->asBefore($starts);
        $this->keep($builder, $placer->place(new Candidate($order, $hands)), $factors, 'asked = asked + 1');
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
        $row = Row::first($this->connection, 'SELECT asked, solved FROM ahead') ?? throw new \LogicException('The row is made with the table.');
        if (!$anyway && $row->int('asked') === $row->int('solved')) {
            return false;
        }
        $factors = $this->learning->factors();
        $builder = $this->problem($factors);
        [$starts, $hands] = self::before($builder, $this->read());
        $random = new Randomizer(new Mt19937(self::SEED));
        $table = (new Solver($builder->problem, static fn (int $sides): int => $random->getInt(0, $sides - 1), $goOn))->solve($starts, $hands);
        // Somebody may have acted meanwhile: then this answer is of yesterday, and the next round looks again.
        $this->keep($builder, $table, $factors, 'solved = asked', $row->int('asked'));

        return true;
    }

    /** Something that the bench shows has changed, though not what lies ahead. */
    public function touch(): void
    {
        $this->connection->executeStatement('UPDATE ahead SET asked = asked + 1');
    }

    public function read(): Foreseen
    {
        $row = Row::first($this->connection, 'SELECT blocks, ends, changes, paces FROM ahead') ?? throw new \LogicException('The row is made with the table.');
        /** @var list<array{int, int, int, int}> $blocks */
        $blocks = $row->json('blocks');
        /** @var list<array{int, float|int}> $paces */
        $paces = $row->json('paces');
        /** @var list<array{int, int}> $ends */
        $ends = $row->json('ends');

        return new Foreseen($blocks, array_column($ends, 1, 0), $row->int('changes'), array_column($paces, 1, 0));
    }

    private function problem(Factors $factors): ProblemBuilder
    {
        $now = $this->clock->now();

        return ProblemBuilder::of($this->jobs($factors), $this->hands->from($now), $this->settings->places(), $now, $this->weights());
    }

    /** @return array<int, float> what a late minute weighs, by piece, where it is not 1 */
    public function weights(): array
    {
        $weights = [];
        foreach (Row::all($this->connection, 'SELECT p.id FROM piece p JOIN ticket t ON t.id = p.ticket_id WHERE t.rush = 1 AND p.finished_at IS NULL') as $row) {
            $weights[$row->int('id')] = self::RUSH;
        }

        return $weights;
    }

    /** @return list<Job> */
    public function jobs(?Factors $factors = null): array
    {
        $due = $rows = [];
        foreach (Row::all($this->connection, 'SELECT p.id, t.promised_at FROM piece p JOIN ticket t ON t.id = p.ticket_id WHERE p.finished_at IS NULL AND p.planned_from IS NOT NULL ORDER BY t.promised_at, p.id') as $row) {
            $due[$row->int('id')] = $row->time('promised_at');
        }
        foreach ([] === $due ? [] : Row::all($this->connection, 'SELECT '.Jobs::COLUMNS.' FROM plan_step s WHERE s.piece_id IN (?) ORDER BY s.piece_id, s.position', [array_keys($due)], [ArrayParameterType::INTEGER]) as $row) {
            $rows[$row->int('piece_id')][] = $row;
        }
        $factors ??= $this->learning->factors();
        $jobs = [];
        foreach (array_intersect_key($due, $rows) as $piece => $at) {
            $jobs[] = Jobs::of($piece, $at, $rows[$piece], $factors);
        }

        return $jobs;
    }

    /** @return array{array<int, int>, array<int, int>} starts and hands of an earlier answer, by index of the step */
    public static function before(ProblemBuilder $builder, Foreseen $foreseen): array
    {
        $known = [];
        foreach ($foreseen->blocks as [$step, $person, $start]) {
            $known[$step] = [$person, $start];
        }
        $people = [];
        foreach ($builder->problem->workers as $h => $hand) {
            $people[(int) $hand->id] = $h;
        }
        $starts = $hands = [];
        foreach ($builder->tasks as $i => $task) {
            if (isset($known[$task->id]) && !$task->running) {
                [$person, $start] = $known[$task->id];
                $starts[$i] = max(0, intdiv($start - $builder->now->getTimestamp(), 60));
                if (isset($people[$person]) && $builder->problem->workers[$people[$person]]->can($task->skill)) {
                    $hands[$i] = $people[$person];
                }
            }
        }

        return [$starts, $hands];
    }

    private function keep(ProblemBuilder $builder, Timetable $table, Factors $factors, string $count, ?int $onlyIf = null): void
    {
        $blocks = $ends = [];
        foreach ($builder->tasks as $i => $task) {
            if (isset($table->starts[$i])) {
                $start = $builder->now->getTimestamp() + 60 * $table->starts[$i];
                $hand = $table->workers[$i];
                $blocks[] = [$task->id, $hand < 0 ? 0 : (int) $builder->problem->workers[$hand]->id, $start, $start + 60 * $builder->problem->steps[$i]->minutes];
            }
        }
        usort($blocks, static fn (array $a, array $b): int => [$a[2], $a[0]] <=> [$b[2], $b[0]]);
        foreach ($builder->problem->jobs as $j => $job) {
            $whole = [] === array_intersect_key($table->unplaced, array_flip($job->steps));
            $ends[] = [(int) $job->id, $whole ? $builder->now->getTimestamp() + 60 * $table->ends[$j] : \PHP_INT_MAX];
        }
        $people = $factors->people;
        $paces = array_map(static fn (int $person, Learned $learned): array => [$person, round($learned->factor, 3)], array_keys($people), $people);
        $this->connection->executeStatement(
            'UPDATE ahead SET '.$count.', at = ?, blocks = ?, ends = ?, paces = ?, changes = ?'.(null === $onlyIf ? '' : ' WHERE asked = '.$onlyIf),
            [Iso::toRow($builder->now), json_encode($blocks, \JSON_THROW_ON_ERROR), json_encode($ends, \JSON_THROW_ON_ERROR), json_encode($paces, \JSON_THROW_ON_ERROR), $table->worth[4]],
        );
    }
}

<?php

declare(strict_types=1);

namespace KindHeel\Tests\Core\Schedule;

use KindHeel\Core\Drying\After;
use KindHeel\Core\Drying\Stage;
use KindHeel\Core\Schedule\Holding;
use KindHeel\Core\Schedule\Job;
use KindHeel\Core\Schedule\ProblemBuilder;
use KindHeel\Core\Schedule\Solve\Solver;
use KindHeel\Core\Schedule\Solve\Timetable;
use KindHeel\Core\Schedule\Solve\Worker;
use KindHeel\Core\Schedule\Task;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Pieces that want trees and clamps of which there are few. */
final class GearQueueTest extends TestCase
{
    private \DateTimeImmutable $now;

    protected function setUp(): void
    {
        $this->now = new \DateTimeImmutable('2026-03-03T09:00:00Z');
    }

    public function testTheNextPieceWaitsUntilThePairOfTreesIsBack(): void
    {
        $builder = $this->builder([$this->piece(1, 20), $this->piece(2, 40)], ['trees' => 1]);
        $table = $this->solved($builder);
        [$first, $second] = [$this->held($builder, $table, 1), $this->held($builder, $table, 2)];
        self::assertSame([[10, 10 + 60 + 5 + 60 + 5], true], [$first, $second[0] >= $first[1]], 'what is due first has them first');
        // With two pairs nobody waits for the other.
        $builder = $this->builder([$this->piece(1, 20), $this->piece(2, 40)], ['trees' => 2]);
        self::assertLessThan($first[1], $this->held($builder, $this->solved($builder), 2)[0]);
        // Four share two pairs, two after two, not all after the same.
        $builder = $this->builder(array_map(fn (int $n): Job => $this->piece($n, 20 * $n), [1, 2, 3, 4]), ['trees' => 2]);
        self::assertLessThan(3 * ($first[1] - $first[0]), $this->held($builder, $this->solved($builder), 4)[1]);
    }

    public function testWhatIsInUseComesBackBeforeItIsLentAgain(): void
    {
        $has = $this->piece(1, 300, treed: true);
        $wants = $this->piece(2, 20);
        $builder = $this->builder([$has, $wants], ['trees' => 1]);
        $table = $this->solved($builder);
        self::assertGreaterThanOrEqual($this->ends($builder, $table, 1, 'out'), $this->held($builder, $table, 2)[0], 'though it is due first');
        // More are in use than there are any more: the first that comes back is not lent again.
        $builder = $this->builder([$has, $this->piece(3, 300, treed: true, wait: 400), $wants], ['trees' => 1]);
        $table = $this->solved($builder);
        self::assertGreaterThanOrEqual($this->ends($builder, $table, 3, 'out'), $this->held($builder, $table, 2)[0]);
    }

    public function testTheyAreTakenFromWhereTheyAreFreeTheSoonest(): void
    {
        // One has them for a week yet, one for an hour; what comes next waits for the hour.
        $builder = $this->builder([$this->piece(1, 20, treed: true, wait: 7 * 1440), $this->piece(2, 300, treed: true), $this->piece(3, 400)], ['trees' => 2]);
        $table = $this->solved($builder);
        self::assertLessThan(400, $this->held($builder, $table, 3)[0]);
        self::assertGreaterThanOrEqual($this->ends($builder, $table, 2, 'out'), $this->held($builder, $table, 3)[0]);
    }

    public function testNothingWaitsForItself(): void
    {
        // Clamped are they already, and on the clamps hangs the tree that the other gives back after its own clamps.
        $one = new Job(1, $this->now->modify('+1 hour'), [
            $this->task(1, 'tree', doneMinutesAgo: 30), $this->task(1, 'clamp', 'tree'), $this->task(1, 'unclamp', 'clamp'), $this->task(1, 'out', 'unclamp'),
        ], [new Holding('trees', 'tree', 'out'), new Holding('clamps', 'clamp', 'unclamp')]);
        $other = new Job(2, $this->now->modify('+1 hour'), [
            $this->task(2, 'clamp', doneMinutesAgo: 30), $this->task(2, 'tree', 'clamp'), $this->task(2, 'unclamp', 'tree'), $this->task(2, 'out', 'unclamp'),
        ], [new Holding('clamps', 'clamp', 'unclamp'), new Holding('trees', 'tree', 'out')]);
        $table = $this->solved($this->builder([$one, $other], ['trees' => 1, 'clamps' => 1]));
        self::assertSame([], $table->unplaced, 'two that wait for each other would both wait for ever: at the bench one of them gives way');
    }

    public function testThereAreNeverMoreInUseThanThereAre(): void
    {
        for ($seed = 1; $seed <= 40; ++$seed) {
            $random = new Randomizer(new Mt19937($seed));
            $there = $random->getInt(1, 3);
            $jobs = [];
            for ($p = 1, $n = $random->getInt(2, 9); $p <= $n; ++$p) {
                $jobs[] = $this->piece($p, $random->getInt(10, 2000), treed: $p <= $there && 0 === $random->getInt(0, 1), wait: $random->getInt(5, 300));
            }
            $builder = $this->builder($jobs, ['trees' => $there]);
            $table = $this->solved($builder, $seed);
            self::assertSame([], $table->unplaced);
            $changes = [];
            foreach ($jobs as $job) {
                [$from, $until] = $this->held($builder, $table, $job->piece);
                $changes[] = [$from, 1];
                $changes[] = [$until, -1];
            }
            sort($changes);
            $inUse = 0;
            foreach ($changes as [$at, $by]) {
                self::assertLessThanOrEqual($there, $inUse += $by, "seed $seed, minute $at");
            }
        }
    }

    /** Looked at, put on its trees, cleaned, left to dry, taken off them. */
    private function piece(int $id, int $dueMinutes, bool $treed = false, int $wait = 60): Job
    {
        return new Job($id, $this->now->modify("+$dueMinutes minutes"), [
            $this->task($id, 'look', minutes: 10, doneMinutesAgo: $treed ? 30 : null),
            $this->task($id, 'tree', 'look', doneMinutesAgo: $treed ? 20 : null, minutes: 60),
            $this->task($id, 'clean', 'tree'),
            $this->task($id, 'out', 'clean', wait: $wait),
        ], [new Holding('trees', 'tree', 'out')]);
    }

    private function task(int $piece, string $key, ?string $after = null, ?int $doneMinutesAgo = null, int $minutes = 5, int $wait = 0): Task
    {
        return new Task(
            id: 10 * $piece,
            piece: $piece,
            key: $key,
            position: 1,
            title: $key,
            minutes: $minutes,
            after: null === $after ? [] : [new After($after, Stage::Next)],
            doneAt: null === $doneMinutesAgo ? null : $this->now->sub(new \DateInterval("PT{$doneMinutesAgo}M")),
            moments: null === $doneMinutesAgo ? [] : [Stage::Next->value => $this->now->getTimestamp() - 60 * $doneMinutesAgo],
            usual: null === $after ? [] : [$after => (float) $wait],
        );
    }

    /**
     * @param list<Job>          $jobs
     * @param array<string, int> $gear
     */
    private function builder(array $jobs, array $gear): ProblemBuilder
    {
        $hands = [];
        foreach (['7', '8', '9'] as $id) {
            $hands[] = new Worker($id, [], [[0, 60 * 24 * 60]]);
        }

        return ProblemBuilder::of($jobs, $hands, [], $this->now, gear: $gear);
    }

    private function solved(ProblemBuilder $builder, int $seed = 1): Timetable
    {
        $random = new Randomizer(new Mt19937($seed));
        $looks = 0;
        $goOn = static function () use (&$looks): bool {
            return ++$looks < 200;
        };

        return (new Solver($builder->problem, static fn (int $sides): int => $random->getInt(0, $sides - 1), $goOn))->solve();
    }

    /** @return array{int, int} from when until when a piece has its trees */
    private function held(ProblemBuilder $builder, Timetable $table, int $piece): array
    {
        $from = 0;
        foreach ($builder->tasks as $i => $task) {
            $from = $task->piece === $piece && 'tree' === $task->key ? $table->starts[$i] : $from;
        }

        return [$from, $this->ends($builder, $table, $piece, 'out')];
    }

    private function ends(ProblemBuilder $builder, Timetable $table, int $piece, string $key): int
    {
        foreach ($builder->tasks as $i => $task) {
            if ($task->piece === $piece && $task->key === $key) {
                return $table->starts[$i] + $builder->problem->steps[$i]->minutes;
            }
        }
        self::fail("Piece $piece has no $key.");
    }
}

<?php

declare(strict_types=1);

namespace KindHeel\Tests\Core\Schedule;

use KindHeel\Core\Schedule\Solve\Activity;
use KindHeel\Core\Schedule\Solve\Assignment;
use KindHeel\Core\Schedule\Solve\Capacity;
use KindHeel\Core\Schedule\Solve\DueJob;
use KindHeel\Core\Schedule\Solve\Lag;
use KindHeel\Core\Schedule\Solve\LowerBound;
use KindHeel\Core\Schedule\Solve\Problem;
use KindHeel\Core\Schedule\Solve\Worker;
use KindHeel\Tests\Support\RandomShop;
use KindHeel\Tests\Support\SearchedWeeks;
use KindHeel\Tests\Support\SmallShop;
use PHPUnit\Framework\TestCase;

final class LowerBoundTest extends TestCase
{
    use SearchedWeeks;

    public function testOnePairOfHandsCannotDoTwoThingsAtOnce(): void
    {
        // Two jobs of 30 minutes, both due after 30: alone neither is late; one of them must be, and it will be the one that weighs less.
        $problem = self::jobs([[30, 0, 30, 2.0], [30, 0, 30, 5.0]]);
        self::assertSame(0.0, LowerBound::ofJobs($problem));
        self::assertSame(2.0 * 30, LowerBound::of($problem));
    }

    public function testWhatMustStillFollowCounts(): void
    {
        // 30 minutes by hand and 100 of drying after them, due after 130.
        $problem = self::jobs([[30, 100, 130, 1.0], [30, 100, 130, 1.0], [30, 100, 130, 1.0]]);
        self::assertSame(30.0 + 60.0, LowerBound::of($problem));
    }

    public function testItIsNeverAboveWhatWasProvedAndKnowsMoreThanEachJobAlone(): void
    {
        $better = 0;
        foreach (SmallShop::proved() as ['seed' => $seed, 'steps' => $steps, 'weighted_tardiness' => $best]) {
            $problem = self::problem(SmallShop::week($seed, $steps));
            $bound = LowerBound::of($problem);
            self::assertLessThanOrEqual($best, $bound, 'seed '.$seed);
            self::assertGreaterThanOrEqual(LowerBound::ofJobs($problem), $bound);
            $better += $bound > LowerBound::ofJobs($problem) ? 1 : 0;
        }
        self::assertGreaterThan(10, $better);
        $overfull = self::problem(RandomShop::week(7, 100, 1, 4.0));
        self::assertGreaterThan(3.0 * LowerBound::ofJobs($overfull), LowerBound::of($overfull), 'where there is too much work, hands are all that counts');
    }

    public function testTheCheapestAssignmentIsThatOfAllOrders(): void
    {
        mt_srand(3);
        for ($round = 0; $round < 60; ++$round) {
            $n = 1 + $round % 6;
            $costs = [];
            for ($i = 0; $i < $n; ++$i) {
                $costs[] = array_map(static fn (int $j): float => (float) mt_rand(0, 50), range(1, $n));
            }
            self::assertEqualsWithDelta(self::cheapestOrder($costs, range(0, $n - 1)), Assignment::cheapest($costs), 1e-9, 'round '.$round);
        }
    }

    public function testCapacityRisesWhileSomebodyIsHere(): void
    {
        $two = Capacity::of([[-60, 30], [0, 60], [90, 120]]);
        self::assertSame([0, 20, 60, 90, 90, 120], array_map($two->until(...), [0, 10, 30, 60, 80, 500]));
        self::assertSame([5.0, 30.0, 45.0, 60.0, 100.0, 120.0], $two->when([10, 60, 75, 90, 100, 999]));
        $one = Capacity::of([[0, 30], [0, 60]], 1);
        self::assertSame([10, 60], [$one->until(10), $one->until(90)]);
        self::assertSame(77, Capacity::always()->until(77));
    }

    /**
     * @param list<list<float>> $costs
     * @param list<int>         $columns that are free
     */
    private static function cheapestOrder(array $costs, array $columns): float
    {
        if ([] === $columns) {
            return 0.0;
        }
        $row = $costs[\count($costs) - \count($columns)];
        $best = \INF;
        foreach ($columns as $k => $column) {
            $rest = $columns;
            unset($rest[$k]);
            $best = min($best, $row[$column] + self::cheapestOrder($costs, array_values($rest)));
        }

        return $best;
    }

    /** @param list<array{int, int, int, float}> $rows minutes by hand, minutes of drying after them, due, weight */
    private static function jobs(array $rows): Problem
    {
        $steps = $jobs = [];
        foreach ($rows as $j => [$hands, $dries, $due, $weight]) {
            $first = \count($steps);
            $steps[] = new Activity("hands $j", $j, $hands, true, null, null, [], null);
            $steps[] = new Activity("dries $j", $j, $dries, false, null, null, [new Lag($first, 0, null)], null);
            $jobs[] = new DueJob("job $j", $due, $weight, [$first, $first + 1]);
        }

        return new Problem($steps, $jobs, [new Worker('ada', [], [[0, 1000]])], []);
    }
}

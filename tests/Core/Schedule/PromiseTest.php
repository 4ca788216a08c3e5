<?php

declare(strict_types=1);

namespace KindHeel\Tests\Core\Schedule;

use KindHeel\App\Compute\ScheduleReader;
use KindHeel\Core\Schedule\PromiseSimulation;
use KindHeel\Core\Schedule\Solve\Candidate;
use KindHeel\Core\Schedule\Solve\PriorityRules;
use KindHeel\Core\Schedule\Solve\Problem;
use KindHeel\Core\Schedule\Solve\ScheduleGenerator;
use KindHeel\Tests\Support\RandomShop;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class PromiseTest extends TestCase
{
    public function testNinePromisesOfTenHoldWhenTheWeekIsLived(): void
    {
        $held = $weeks = 0;
        for ($shop = 1; $shop <= 20; ++$shop) {
            $problem = self::shop($shop);
            $order = (new PriorityRules($problem, (new ScheduleGenerator($problem))->blocks))->all()[0];
            $last = \count($problem->jobs) - 1;
            $plays = self::promise($problem, 1000 + $shop)->plays($order, [], 80);
            $promised = PromiseSimulation::certain(array_column($plays, $last));
            // Ten weeks as they turn out: other minutes, other air, and every step taken up in the order that was meant.
            $lived = self::promise($problem, 9000 + $shop);
            for ($week = 0; $week < 10; ++$week) {
                $real = $lived->varied();
                $end = (new ScheduleGenerator($real))->place(new Candidate($order))->ends[$last];
                $held += $end <= $promised ? 1 : 0;
                ++$weeks;
            }
        }
        self::assertSame(200, $weeks);
        self::assertGreaterThanOrEqual(0.85, $held / $weeks);
        self::assertLessThanOrEqual(0.95, $held / $weeks, 'nor is more time asked for than is needed');
    }

    public function testWithoutAnyChanceThePromiseIsThePlanItself(): void
    {
        $problem = self::shop(3);
        $placer = new ScheduleGenerator($problem);
        $order = (new PriorityRules($problem, $placer->blocks))->all()[0];
        $still = new PromiseSimulation($problem, [], static fn (): float => 0.25);
        // A quarter turn of the cosine is nothing: every draw is the middle.
        self::assertEquals($placer->place(new Candidate($order))->ends, $still->plays($order, [], 1)[0]);
    }

    public function testWhatIsServedAfterThePieceChangesNothingOfItsEnd(): void
    {
        $shorter = 0;
        for ($shop = 1; $shop <= 30; ++$shop) {
            $problem = self::shop($shop);
            $orders = (new PriorityRules($problem, (new ScheduleGenerator($problem))->blocks))->all();
            $order = $orders[$shop % \count($orders)];
            $whole = self::promise($problem, $shop)->plays($order, [], 8);
            foreach (array_keys($problem->jobs) as $job) {
                $simulation = self::promise($problem, $shop);
                $front = $simulation->front($order, [$job => true]);
                $shorter += \count($order) - \count($front);
                self::assertSame(\array_slice($order, 0, \count($front)), $front);
                self::assertSame(array_column($whole, $job), array_column($simulation->plays($front, [], 8), $job), "shop $shop, job $job");
            }
        }
        self::assertGreaterThan(30, $shorter);
    }

    public function testMoreCertaintyIsNeverSooner(): void
    {
        $problem = self::shop(5);
        $plays = self::promise($problem, 7)->plays((new PriorityRules($problem, (new ScheduleGenerator($problem))->blocks))->all()[0], [], 60);
        foreach (array_keys($problem->jobs) as $job) {
            $ends = array_column($plays, $job);
            self::assertLessThanOrEqual(PromiseSimulation::certain($ends, 0.9), PromiseSimulation::certain($ends, 0.5));
            self::assertGreaterThanOrEqual(0.9, PromiseSimulation::held($ends, PromiseSimulation::certain($ends, 0.9)));
            self::assertLessThan(0.9, PromiseSimulation::held($ends, PromiseSimulation::certain($ends, 0.9) - 1));
        }
    }

    public function testTheSameSeedPromisesTheSame(): void
    {
        $problem = self::shop(2);
        $order = (new PriorityRules($problem, (new ScheduleGenerator($problem))->blocks))->all()[0];
        self::assertSame(self::promise($problem, 4)->plays($order, [], 20), self::promise($problem, 4)->plays($order, [], 20));
    }

    private static function shop(int $seed): Problem
    {
        return (new ScheduleReader())->problem(
            json_decode(json_encode(RandomShop::week($seed, 40, 1 + ($seed % 2), 2.0), \JSON_THROW_ON_ERROR), flags: \JSON_THROW_ON_ERROR),
        );
    }

    private static function promise(Problem $problem, int $seed): PromiseSimulation
    {
        $random = new Randomizer(new Mt19937($seed));

        return new PromiseSimulation($problem, array_fill(0, \count($problem->steps), 0.25), static fn (): float => $random->nextInt() / 0x80000000);
    }

    public function testWhoHasNoTimeLeftPlaysNoFurther(): void
    {
        $problem = self::shop(2);
        $order = array_keys((new ScheduleGenerator($problem))->blocks->steps);
        $left = 3;
        $goOn = static function () use (&$left): bool {
            return $left-- > 0;
        };
        self::assertCount(3, self::promise($problem, 4)->plays($order, [], 20, $goOn));
        self::assertCount(20, self::promise($problem, 4)->plays($order, [], 20));
    }
}

<?php

declare(strict_types=1);

namespace KindHeel\Tests\Core\Schedule;

use KindHeel\Core\Schedule\Solve\Activity;
use KindHeel\Core\Schedule\Solve\ActivityLists;
use KindHeel\Core\Schedule\Solve\DueJob;
use KindHeel\Core\Schedule\Solve\Lag;
use KindHeel\Core\Schedule\Solve\LatestStart;
use KindHeel\Core\Schedule\Solve\OtherDates;
use KindHeel\Core\Schedule\Solve\Problem;
use KindHeel\Core\Schedule\Solve\Worker;
use KindHeel\Tests\Support\SearchedWeeks;
use KindHeel\Tests\Support\SmallShop;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Lists by the latest start, and the other dates that they are made for. */
final class OtherDatesTest extends TestCase
{
    use SearchedWeeks;

    /** @return array<string, array{int, int}> by when the pair is due, and the latest start of its first step */
    public static function dues(): array
    {
        return [
            'on the second day, both then' => [300, 210],
            'at the very beginning of the second day: both on the first' => [205, 10],
            'in the night: by the evening before' => [150, 10],
            'with the first step on the evening before' => [255, 70],
            'before anybody can: as if somebody could' => [60, -30],
        ];
    }

    #[DataProvider('dues')]
    public function testTheLatestStartIsReckonedBackwardsThroughWaitsAndHours(int $due, int $latest): void
    {
        foreach ([$latest - 1 => ['other', 'sole', 'heel'], $latest + 1 => ['sole', 'other', 'heel']] as $start => $order) {
            // The other one takes no hands: it is as pressing as it is said to be.
            $problem = self::pair(new Activity('other', 1, 10, false, null, null, [], null));
            $steps = (new LatestStart($problem))->order([$due, $start + 10]);
            self::assertSame($order, array_map(static fn (int $i): string => $problem->steps[$i]->id, $steps));
        }
    }

    public function testWhatIsFixedIsNotListedAndWhatIsTakenForLessPressingComesLater(): void
    {
        $problem = self::pair(new Activity('other', 1, 10, true, null, null, [], null));
        $latest = new LatestStart($problem);
        self::assertSame([2, 0, 1], $latest->order([300, 210]));
        self::assertSame([0, 2, 1], $latest->order([300, 210], [2 => 30]));
        self::assertSame([0, 1, 2], $latest->order([300, 210], [0 => 5, 2 => 500]));
        self::assertSame([0, 1], (new LatestStart(self::pair(new Activity('other', 1, 10, true, null, null, [], null, 0, 0))))->order([300, 210]));
        // The other is fixed at 50 and waits for the sole, which waits for nothing: however late its job is due, the sole is pressing.
        $before = new Problem(
            [
                new Activity('sole', 0, 30, true, null, null, [], null),
                new Activity('dry', 0, 60, false, null, null, [new Lag(0, 0, null)], null, 50),
                new Activity('edge', 1, 10, true, null, null, [], null),
            ],
            [new DueJob('a', 0, 1.0, [0, 1]), new DueJob('b', 0, 1.0, [2])],
            [new Worker('ada', [], [[0, 300]])],
            [],
        );
        self::assertSame([0, 2], (new LatestStart($before))->order([300, 31]));
        self::assertSame([2, 0], (new LatestStart($before))->order([300, 29]));
    }

    public function testOfTwoWhoAreHereTheOneWhoStaysLongerSaysHowLateAStepMayBegin(): void
    {
        // Ben comes later than Ada and leaves before her.
        $people = [new Worker('ada', [], [[0, 180]]), new Worker('ben', [], [[60, 150]])];
        $starts = static fn (Worker ...$people): array => (new LatestStart(
            new Problem([new Activity('sole', 0, 30, true, null, null, [], null)], [new DueJob('a', 0, 1.0, [0])], array_values($people), []),
        ))->starts([400]);
        self::assertSame([150], $starts(...$people));
        self::assertSame([150], $starts(...array_reverse($people)));
        self::assertSame([120], $starts($people[1]));
    }

    public function testInEverySeededWeekEachStepComesAfterWhatItWaitsFor(): void
    {
        $random = self::random(3);
        foreach (\array_slice(SmallShop::proved(), 0, 20) as ['seed' => $seed, 'steps' => $count]) {
            $problem = self::week($seed, $count);
            $latest = new LatestStart($problem);
            $placed = 0;
            for ($n = 0; $n < 10; ++$n) {
                $order = $latest->order(
                    array_map(static fn (DueJob $j): int => $j->due + $random(2000), $problem->jobs),
                    array_map(static fn (): int => $random(200), $problem->steps),
                );
                $rank = array_flip($order);
                self::assertCount(\count($problem->steps), $rank, 'seed '.$seed);
                foreach ($problem->steps as $i => $work) {
                    foreach ($work->after as $lag) {
                        self::assertLessThan($rank[$i], $rank[$lag->step], 'seed '.$seed);
                    }
                }
                $placed += null === (new ActivityLists($problem))->place($order, []) ? 0 : 1;
            }
            self::assertGreaterThan(0, $placed, 'seed '.$seed);
        }
    }

    public function testOneLateJobIsToEndAStretchEarlierAndWhatMayEndLaterCostsLess(): void
    {
        $jobs = [new DueJob('a', 50, 5.0, [0]), new DueJob('b', 400, 1.0, [1]), new DueJob('c', 90, 1.0, [2]), new DueJob('d', 90, 9.0, [3])];
        $steps = array_map(static fn (int $j): Activity => new Activity('s'.$j, $j, 20, true, null, null, [], null), array_keys($jobs));
        // Two people whose hours overlap are here for one stretch together.
        $people = [new Worker('ada', [], [[0, 60], [200, 300], [400, 500]]), new Worker('ben', [], [[50, 100], [250, 280], [400, 450]])];
        $dates = new OtherDates(new Problem($steps, $jobs, $people, []), self::random(1));
        $seen = [];
        for ($n = 0; $n < 500; ++$n) {
            // Three end in the second stretch, one in the first.
            $seen[implode(' ', $dates->dates([220, 290, 240, 20]) ?? [])] = true;
        }
        ksort($seen);
        self::assertSame([
            // The first by the end of the first stretch instead of 170 late five times over; the others where they are, or in the stretch after it.
            '100 400 300 100', '100 400 500 100', '100 500 300 100', '100 500 500 100',
            // The third by the end of the first stretch; what the first would lose is more than that gains.
            '300 400 100 100', '300 500 100 100',
        ], array_keys($seen));
    }

    public function testWhatIsDoneLongBeforeItsDateMayComeAfterItForWhatPressesMore(): void
    {
        $jobs = [new DueJob('a', 50, 5.0, [0]), new DueJob('b', 310, 1.0, [1])];
        $steps = array_map(static fn (int $j): Activity => new Activity('s'.$j, $j, 20, true, null, null, [], null), array_keys($jobs));
        $dates = new OtherDates(new Problem($steps, $jobs, [new Worker('ada', [], [[0, 100], [200, 300], [400, 500]])], []), self::random(1));
        $seen = [];
        for ($n = 0; $n < 100; ++$n) {
            $seen[implode(' ', $dates->dates([220, 20]) ?? [])] = true;
        }
        ksort($seen);
        // The second was done in the first stretch; its own date lies between the second and the third.
        self::assertSame(['100 310', '100 500'], array_keys($seen));
    }

    public function testWhereNobodyIsLateOrAllIsOneStretchThereIsNothingToTry(): void
    {
        $of = static fn (int $due): Problem => new Problem(
            [new Activity('s', 0, 20, true, null, null, [], null)],
            [new DueJob('a', $due, 1.0, [0])],
            [new Worker('ada', [], [[0, 100], [200, 300]])],
            [],
        );
        self::assertNull((new OtherDates($of(220), self::random(1)))->dates([220]), 'in time');
        self::assertNotNull((new OtherDates($of(219), self::random(1)))->dates([220]));
        self::assertNull((new OtherDates($of(10), self::random(1)))->dates([20]), 'late in the first stretch');
        $lamp = new Problem([new Activity('cure', 0, 20, false, null, null, [], null)], [new DueJob('a', 5, 1.0, [0])], [], []);
        self::assertNull((new OtherDates($lamp, self::random(1)))->dates([20]), 'nobody is ever here');
    }

    /** Sole and heel of one piece with twenty minutes between them, and something else of another. */
    private static function pair(Activity $other): Problem
    {
        return new Problem(
            [
                new Activity('sole', 0, 30, true, null, null, [], null),
                new Activity('heel', 0, 40, true, null, null, [new Lag(0, 20, null)], null),
                $other,
            ],
            [new DueJob('a', 0, 1.0, [0, 1]), new DueJob('b', 0, 1.0, [2])],
            [new Worker('ada', [], [[0, 100], [200, 300]])],
            [],
        );
    }
}

<?php

declare(strict_types=1);

namespace KindHeel\Tests\Core\Schedule;

use KindHeel\Core\Schedule\Solve\Activity;
use KindHeel\Core\Schedule\Solve\ActivityLists;
use KindHeel\Core\Schedule\Solve\BackwardLists;
use KindHeel\Core\Schedule\Solve\Beam;
use KindHeel\Core\Schedule\Solve\BeamNode;
use KindHeel\Core\Schedule\Solve\BeamSearch;
use KindHeel\Core\Schedule\Solve\DateSearch;
use KindHeel\Core\Schedule\Solve\DueJob;
use KindHeel\Core\Schedule\Solve\Lag;
use KindHeel\Core\Schedule\Solve\LatestStart;
use KindHeel\Core\Schedule\Solve\MissedDates;
use KindHeel\Core\Schedule\Solve\Outlook;
use KindHeel\Core\Schedule\Solve\PlacedList;
use KindHeel\Core\Schedule\Solve\Problem;
use KindHeel\Core\Schedule\Solve\Solver;
use KindHeel\Core\Schedule\Solve\Timetable;
use KindHeel\Core\Schedule\Solve\Worker;
use KindHeel\Tests\Support\ScheduleCheck;
use KindHeel\Tests\Support\SearchedWeeks;
use KindHeel\Tests\Support\SmallShop;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Timetables for other dates: those that aim at them, and those in which each is kept. */
final class DateSearchTest extends TestCase
{
    use SearchedWeeks;

    /** @return array<string, array{array<int, int>, bool}> dates of sole, heel and press, and whether they can be kept */
    public static function dates(): array
    {
        return [
            'time enough' => [[200, 200, 200], true],
            'one after the other, to the minute' => [[60, 100, 200], true],
            'one alone would do it, both do not' => [[59, 99, 200], false],
            'the others later do not help who is first' => [[29, 300, 300], false],
            'the hands are free, the one press is not' => [[200, 200, 129], false],
            'the one press to the minute' => [[200, 200, 130], true],
        ];
    }

    /** @param array<int, int> $dates */
    #[DataProvider('dates')]
    public function testWhetherDatesCanBeKeptIsToldFromWhatEverybodyAndEveryPlaceHasLeftToDo(array $dates, bool $can): void
    {
        // Ada: the sole (30, and 30 more of the same job by the same date), the heel (40). The press: two pieces of 65 minutes for nobody's hands.
        $problem = new Problem(
            [
                new Activity('sole', 0, 30, true, null, null, [], null),
                new Activity('edge', 0, 30, true, null, null, [], null),
                new Activity('heel', 1, 40, true, null, null, [], null),
                new Activity('press', 2, 65, false, null, 0, [], null),
                new Activity('again', 2, 65, false, null, 0, [], null),
            ],
            [new DueJob('a', 0, 1.0, [0, 1]), new DueJob('b', 0, 1.0, [2]), new DueJob('c', 0, 1.0, [3, 4])],
            [new Worker('ada', [], [[0, 400]])],
            [1],
        );
        $beams = new BeamSearch(new ActivityLists($problem), self::random(1), static fn (): bool => true);
        self::assertSame($can, null !== $beams->pressure($dates));
        $kept = 0;
        $beams->run(new Beam(50, 5, false, 0.5, 0, 0.0, $dates), \INF, static function (BeamNode $node) use (&$kept): void {
            ++$kept;
        });
        self::assertSame($can, $kept > 0, 'what is refused at once is never built, what is not can be here');
    }

    public function testTheDatesOfATimetableThatIsThereAreNeverSaidToBeOutOfReach(): void
    {
        $random = self::random(4);
        $placed = 0;
        foreach (SmallShop::proved() as ['seed' => $seed, 'steps' => $steps]) {
            $problem = self::week($seed, $steps);
            $lists = new ActivityLists($problem);
            $beams = new BeamSearch($lists, $random, static fn (): bool => true);
            $latest = new LatestStart($problem);
            for ($n = 0; $n < 5; ++$n) {
                $list = $lists->place($latest->order(array_map(static fn (DueJob $j): int => $j->due + $random(3000), $problem->jobs)), []);
                if (null === $list) {
                    continue;
                }
                $ends = array_map(
                    static fn (DueJob $job): int => max(array_map(static fn (int $i): int => $list->starts[$i] + $problem->steps[$i]->minutes, $job->steps)),
                    $problem->jobs,
                );
                self::assertNotNull($beams->pressure($ends), 'seed '.$seed);
                foreach ($latest->starts($ends) as $i => $start) {
                    self::assertLessThanOrEqual($start, $list->starts[$i], 'seed '.$seed);
                }
                ++$placed;
            }
        }
        self::assertGreaterThan(200, $placed);
    }

    public function testWhatOnePersonAloneCanDoCountsForThemAlone(): void
    {
        $problem = static fn (string $skill): Problem => new Problem(
            [
                new Activity('dye', 0, 50, true, 'colour', null, [], null),
                new Activity('top coat', 1, 50, true, $skill, null, [], null),
            ],
            [new DueJob('a', 0, 1.0, [0]), new DueJob('b', 0, 1.0, [1])],
            [new Worker('ada', ['colour', 'clean'], [[0, 400]]), new Worker('ben', ['clean'], [[0, 400]])],
            [],
        );
        $pressure = static fn (string $skill, int $date): ?float => (new BeamSearch(
            new ActivityLists($problem($skill)),
            self::random(1),
            static fn (): bool => true,
        ))->pressure([$date, $date]);
        self::assertNotNull($pressure('clean', 50), 'one each');
        self::assertNull($pressure('colour', 99), 'both are ada’s');
        self::assertGreaterThan($pressure('colour', 300), $pressure('colour', 100), 'the less time, the more pressure');
    }

    public function testTwoThatHaveToGoOnAtOnePlaceInTimeAreSeenBeforeOneMissesItsWindow(): void
    {
        // After each coat half an hour at most until it lies under the one lamp for an hour: the second coat has to wait.
        $problem = new Problem(
            [
                new Activity('left', 0, 10, true, null, null, [], null),
                new Activity('left dries', 0, 60, false, null, 0, [new Lag(0, 0, 30)], null),
                new Activity('right', 0, 10, true, null, null, [], null),
                new Activity('right dries', 0, 60, false, null, 0, [new Lag(2, 0, 30)], null),
            ],
            [new DueJob('a', 0, 1.0, [0, 1, 2, 3])],
            [new Worker('ada', [], [[0, 400]])],
            [1],
        );
        $ends = [];
        (new BeamSearch(new ActivityLists($problem), self::random(1), static fn (): bool => true))->run(
            new Beam(1, 1, false, 0.5, 0),
            \INF,
            static function (BeamNode $node) use (&$ends): void {
                $ends[] = $node->ends[0];
            },
        );
        self::assertSame([130], $ends, 'even the narrowest beam lays the first one under the lamp before it coats the second');
    }

    public function testABeamThatKeepsDatesFindsWhatNoWalkComesTo(): void
    {
        // Walks end 1 475 above the optimum of this week, from wherever they begin: two jobs would have to end in other stretches at once.
        ['seed' => $seed, 'steps' => $steps, 'weighted_tardiness' => $best] = SmallShop::proved()[27];
        $problem = self::week($seed, $steps);
        self::assertSame((float) $best, self::leastLate($problem, [1770, 1590, 330, 1770], 0));
        $looks = 4000;
        $table = (new Solver($problem, self::random(1), static function () use (&$looks): bool {
            return --$looks >= 0;
        }))->solve();
        self::assertSame((float) $best, $table->worth[2], 'the search comes to those dates by itself');
    }

    public function testWhatIsTightIsKeptOnlyWhereSomebodyMayWaitForSomethingBetter(): void
    {
        // One job ends after its date that could be done long before it, so that another ends a stretch earlier.
        ['seed' => $seed, 'steps' => $steps, 'weighted_tardiness' => $best] = SmallShop::proved()[51];
        $problem = self::week($seed, $steps);
        $dates = [1620, 1620, 4500, 6465, 3060, 3920, 1620];
        self::assertSame(\INF, self::leastLate($problem, $dates, 0));
        self::assertSame((float) $best, self::leastLate($problem, $dates, 45));
    }

    /**
     * The least weighted tardiness of what a narrow beam finds that keeps these dates.
     *
     * @param array<int, int> $dates by job
     */
    private static function leastLate(Problem $problem, array $dates, int $idle): float
    {
        $found = \INF;
        (new BeamSearch(new ActivityLists($problem), self::random(1), static fn (): bool => true))->run(
            new Beam(10, 2, false, 0.5, $idle, 0.0, $dates),
            \INF,
            static function (BeamNode $node) use ($problem, $dates, &$found): void {
                $table = Timetable::of($problem, $node->starts, $node->workers);
                self::assertSame([], ScheduleCheck::faults($problem, $table));
                foreach ($table->ends as $j => $end) {
                    self::assertLessThanOrEqual($dates[$j], $end);
                }
                $found = min($found, $table->worth[2]);
            },
        );

        return $found;
    }

    public function testWhatKeepsOtherDatesIsMostlyLessLateAndEachIsPlacedOnce(): void
    {
        $kept = $aimed = 0;
        foreach ([1, 5, 11, 20, 38] as $number) {
            ['seed' => $seed, 'steps' => $steps] = SmallShop::proved()[$number];
            $problem = self::week($seed, $steps);
            $lists = new ActivityLists($problem);
            $random = self::random(1);
            $search = new DateSearch($lists, new BeamSearch($lists, $random, static fn (): bool => true), $random);
            $now = $lists->place((new LatestStart($problem))->order(array_map(static fn (DueJob $j): int => $j->due, $problem->jobs)), []);
            self::assertInstanceOf(PlacedList::class, $now);
            for ($n = 0; $n < 12; ++$n) {
                $list = $search->kept($now);
                if (null !== $list) {
                    self::assertSame([], ScheduleCheck::faults($problem, Timetable::of($problem, $list->starts, $list->workers)));
                    // The others may end later in their stretch: most are less late than the one before, not all.
                    [$now, $kept] = $list->worth[0] < $now->worth[0] ? [$list, $kept + 1] : [$now, $kept];
                }
            }
            $before = $lists->evaluations;
            for ($n = 0; $n < 60; ++$n) {
                $list = $search->aimed($now);
                if (null !== $list) {
                    ++$aimed;
                    self::assertSame([], ScheduleCheck::faults($problem, Timetable::of($problem, $list->starts, $list->workers)));
                }
            }
            self::assertLessThanOrEqual(60, $lists->evaluations - $before, 'one placing for each that is asked for');
        }
        self::assertGreaterThan(5, $kept);
        self::assertGreaterThan(150, $aimed);
    }

    public function testWhatWasMissedIsMissedForEarlierDatesToo(): void
    {
        $missed = new MissedDates();
        self::assertSame(0, $missed->widest([100, 100]));
        $missed->add([100, 200], 25);
        $missed->add([150, 150], 10);
        self::assertSame(25, $missed->widest([100, 200]), 'the same');
        self::assertSame(25, $missed->widest([90, 150]), 'earlier than both: the wider of them');
        self::assertSame(10, $missed->widest([150, 150]), 'the first may end too late for the other');
        self::assertSame(0, $missed->widest([150, 151]), 'later than each of them somewhere');
    }

    public function testDatesThatWereMissedAreTriedWiderNextTime(): void
    {
        ['seed' => $seed, 'steps' => $steps] = SmallShop::proved()[1];
        $problem = self::week($seed, $steps);
        $lists = new ActivityLists($problem);
        $random = self::random(2);
        $looks = 0;
        $search = new DateSearch($lists, new BeamSearch($lists, $random, static function () use (&$looks): bool {
            ++$looks;

            return true;
        }), $random);
        $now = $lists->place((new LatestStart($problem))->order(array_map(static fn (DueJob $j): int => $j->due, $problem->jobs)), []);
        self::assertInstanceOf(PlacedList::class, $now);
        $built = 0;
        for ($n = 0; $n < 100; ++$n) {
            $before = $looks;
            $search->kept($now);
            $built += $looks > $before ? 1 : 0;
        }
        self::assertGreaterThan(5, $built);
        self::assertLessThan(40, $built, 'in the end nothing is left that was not tried as widely as it is worth');
    }

    public function testWhatCouldComeNextIsTheSameWhereverItIsFound(): void
    {
        $compared = 0;
        foreach ([[0, 0], [2, 5]] as [$switch, $handover]) {
            foreach ([3, 17, 38] as $number) {
                ['seed' => $seed, 'steps' => $steps] = SmallShop::proved()[$number];
                $week = self::week($seed, $steps);
                $problem = new Problem($week->steps, $week->jobs, $week->workers, $week->places, $switch, $handover);
                $lists = new ActivityLists($problem);
                $outlook = new Outlook($lists);
                (new BeamSearch($lists, self::random(1), static fn (): bool => true))->run(
                    new Beam(20, 2, false, 0.5, 0),
                    \INF,
                    static function (BeamNode $node) use ($outlook, &$compared): void {
                        $compared += [] === $node->next ? 0 : 1;
                        $anew = clone $node;
                        self::assertTrue($outlook->assess($anew));
                        self::assertSame($anew->next, $node->next, 'found from nothing, and from what was known one step before');
                    },
                );
            }
        }
        self::assertGreaterThan(300, $compared);
    }

    public function testPlacedBackwardsTheOrderCountsTheOnePress(): void
    {
        // Each is soled, pressed for an hour and polished. By their own latest starts the first, whose sole takes long, comes first; but the press
        // is one, and the second has to be out of it an hour before the first.
        $piece = static fn (int $k, int $job, int $sole): array => [
            new Activity('sole '.$job, $job, $sole, true, null, null, [], null),
            new Activity('press '.$job, $job, 60, false, null, 0, [new Lag($k, 0, null)], null),
            new Activity('polish '.$job, $job, 10, true, null, null, [new Lag($k + 1, 0, null)], null),
        ];
        $problem = new Problem(
            [...$piece(0, 0, 50), ...$piece(3, 1, 20)],
            [new DueJob('a', 0, 1.0, [0, 1, 2]), new DueJob('b', 0, 1.0, [3, 4, 5])],
            [new Worker('ada', [], [[0, 600]])],
            [1],
        );
        $dates = [300, 290];
        $alone = (new LatestStart($problem))->order($dates);
        self::assertSame([0, 3], array_values(array_intersect($alone, [0, 3])), 'alone: 180 and 200');
        $order = (new BackwardLists(new ActivityLists($problem)))->order($alone, $dates);
        self::assertSame([3, 4, 0, 1, 5, 2], $order, 'the press until 290 for the first, until 230 for the second');
        $order = (new BackwardLists(new ActivityLists($problem)))->order($alone, [300, 500]);
        self::assertSame([0, 1, 2, 3, 4, 5], $order, 'the second by a date so late that it need not begin before the first is done');
    }

    public function testWhereFewOrdersArePossibleThereIsSoonNoNewOne(): void
    {
        $problem = new Problem(
            [new Activity('dye', 0, 50, true, null, null, [], null), new Activity('sole', 1, 40, true, null, null, [], null)],
            [new DueJob('a', 40, 1.0, [0]), new DueJob('b', 30, 1.0, [1])],
            [new Worker('ada', [], [[0, 60], [200, 300]])],
            [],
        );
        $lists = new ActivityLists($problem);
        $now = $lists->place([0, 1], []);
        self::assertNotNull($now);
        $random = self::random(1);
        $search = new DateSearch($lists, new BeamSearch($lists, $random, static fn (): bool => true), $random);
        for ($n = 0; $n < 50; ++$n) {
            $search->aimed($now);
        }
        self::assertSame(3, $lists->evaluations, 'the first, and each of the two orders that there are once');
    }

    public function testPlacedBackwardsEachComesAfterWhatItWaitsForAndWhatIsFixedIsLeftOut(): void
    {
        foreach ([[2, 0, 0], [8, 2, 5], [17, 5, 0]] as [$seed, $switch, $handover]) {
            $week = SmallShop::week($seed, 14 + 7 * $seed % 30) + ['switch_minutes' => $switch, 'handover_minutes' => $handover];
            $jobs = $week['jobs'];
            self::assertTrue(\is_array($jobs) && \is_array($jobs[0]) && \is_array($jobs[0]['steps']) && \is_array($jobs[0]['steps'][0]));
            $week['fixed'] = [['step' => $jobs[0]['steps'][0]['id'], 'start' => $week['now'], 'person' => 'ada']];
            $problem = self::problem($week);
            $lists = new ActivityLists($problem);
            $dues = array_map(static fn (DueJob $j): int => $j->due + 3000, $problem->jobs);
            $order = (new BackwardLists($lists))->order((new LatestStart($problem))->order($dues), $dues);
            self::assertNotNull($order, 'seed '.$seed);
            self::assertCount(\count($problem->steps) - 1, array_unique($order));
            $rank = array_flip($order);
            foreach ($order as $i) {
                foreach ($problem->steps[$i]->after as $lag) {
                    self::assertLessThan($rank[$i], $rank[$lag->step] ?? -1, 'seed '.$seed);
                }
            }
            $list = $lists->place($order, []);
            self::assertNotNull($list);
            self::assertSame([], ScheduleCheck::faults($problem, Timetable::of($problem, $list->starts, $list->workers)), 'seed '.$seed);
        }
    }
}

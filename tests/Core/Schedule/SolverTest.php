<?php

declare(strict_types=1);

namespace KindHeel\Tests\Core\Schedule;

use KindHeel\Core\Schedule\Solve\Activity;
use KindHeel\Core\Schedule\Solve\Candidate;
use KindHeel\Core\Schedule\Solve\DueJob;
use KindHeel\Core\Schedule\Solve\Lag;
use KindHeel\Core\Schedule\Solve\LowerBound;
use KindHeel\Core\Schedule\Solve\Neighbourhood;
use KindHeel\Core\Schedule\Solve\PriorityRules;
use KindHeel\Core\Schedule\Solve\Problem;
use KindHeel\Core\Schedule\Solve\ScheduleGenerator;
use KindHeel\Core\Schedule\Solve\SetUps;
use KindHeel\Core\Schedule\Solve\Solver;
use KindHeel\Core\Schedule\Solve\Timetable;
use KindHeel\Core\Schedule\Solve\Worker;
use KindHeel\Tests\Support\RandomShop;
use KindHeel\Tests\Support\ScheduleCheck;
use KindHeel\Tests\Support\SearchedWeeks;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class SolverTest extends TestCase
{
    use SearchedWeeks;

    /** @return iterable<string, array{string, int, int}> */
    public static function proved(): iterable
    {
        /** @var array<string, array{weighted_tardiness: int, total_completion_minutes_at_that: int}> $best */
        $best = json_decode((string) file_get_contents(__DIR__.'/../../data/schedule/best.json'), true, flags: \JSON_THROW_ON_ERROR);
        foreach ($best as $name => $case) {
            yield $name => [$name, $case['weighted_tardiness'], $case['total_completion_minutes_at_that']];
        }
    }

    /** Counted in evaluations, so that a slow machine finds the same. */
    #[DataProvider('proved')]
    public function testTheProvedOptimaAreReached(string $name, int $tardiness, int $completion): void
    {
        $problem = self::problem(json_decode((string) file_get_contents(__DIR__.'/../../data/schedule/'.$name.'.json'), true, flags: \JSON_THROW_ON_ERROR));
        $table = self::solve($problem, 6000);
        self::assertSame([], ScheduleCheck::faults($problem, $table));
        self::assertSame([0, 0, (float) $tardiness, $completion], \array_slice($table->worth, 0, 4));
        self::assertLessThanOrEqual($tardiness, LowerBound::of($problem), 'a bound is never above what can be reached');
    }

    public function testAnyWeekIsPlacedWithoutAFaultAndBetterThanServedByDueDate(): void
    {
        for ($seed = 1; $seed <= 8; ++$seed) {
            $problem = self::problem(RandomShop::week($seed, 12 + 4 * $seed, 1 + $seed % 3, 1.0 + 0.25 * $seed));
            $first = self::solve($problem, 1);
            $better = self::solve($problem, 250);
            foreach ([$first, $better] as $table) {
                self::assertSame([], ScheduleCheck::faults($problem, $table), 'seed '.$seed);
                self::assertSame(ScheduleCheck::tardiness($problem, $table), $table->worth[2]);
                self::assertGreaterThanOrEqual(LowerBound::of($problem), $table->worth[2]);
            }
            self::assertFalse($first->isBetterThan($better), 'stopped later is never worse');
        }
    }

    public function testNobodyIsSentToAPieceWithLessTimeThanItTakesToTakeItUp(): void
    {
        foreach (range(1, 24) as $seed) {
            $week = RandomShop::week($seed, 12 + $seed, 1 + $seed % 3, 1.0 + $seed % 4);
            $week['switch_minutes'] = 1 + $seed % 4;
            $week['handover_minutes'] = $seed % 3 * 4;
            $problem = self::problem($week);
            $table = self::solve($problem, 150);
            self::assertSame([], ScheduleCheck::faults($problem, $table), 'seed '.$seed);
            self::assertSame(ScheduleCheck::setUps($problem, $table), SetUps::counted($problem, $table), 'seed '.$seed);
        }
    }

    /** Handing over costs nobody anything here, as the coat dries for longer. */
    public function testOfTwoWhoCouldBeginAtOnceAPieceStaysWithTheOneWhoHadIt(): void
    {
        // Ada, who can do more than Ben, is free when the second coat may be laid, or has another piece in hand.
        foreach ([[60, 0], [30, 1]] as [$other, $who]) {
            $problem = new Problem(
                [
                    new Activity('coat 1', 0, 10, true, 'colour', null, [], null),
                    new Activity('coat 2', 0, 10, true, 'clean', null, [new Lag(0, 30, null)], null),
                    new Activity('other', 1, 20, true, 'colour', null, [], null, $other, 0),
                ],
                [new DueJob('a', 0, 1.0, [0, 1]), new DueJob('b', 0, 1.0, [2])],
                [new Worker('ada', ['colour', 'clean'], [[0, 200]]), new Worker('ben', ['clean'], [[0, 200]])],
                [],
                0,
                5,
            );
            $placer = new ScheduleGenerator($problem);
            $table = $placer->place(new Candidate(array_keys($placer->blocks->steps)));
            self::assertSame([40, $who], [$table->starts[1], $table->workers[1]]);
        }
    }

    public function testMoreCostsNeverGiveABetterAnswer(): void
    {
        foreach ([[1, 2], [2, 3], [3, 5]] as [$seed, $minutes]) {
            $week = RandomShop::week($seed, 14, 2, 3.0);
            $free = self::solve(self::problem($week), 2000);
            $dear = self::solve(self::problem(['switch_minutes' => $minutes, 'handover_minutes' => 2 * $minutes] + $week), 2000);
            self::assertFalse($dear->isBetterThan($free), 'seed '.$seed);
        }
    }

    public function testTheSameSeedFindsTheSame(): void
    {
        $problem = self::problem(RandomShop::week(3, 30, 2, 2.0));
        self::assertEquals(self::solve($problem, 200), self::solve($problem, 200));
    }

    /** Counted in evaluations; without other dates to try for, both gained less than half of it. */
    public function testWhereThereIsMuchTooMuchWorkWholeJobsEndOnOtherDays(): void
    {
        foreach ([7, 11] as $seed) {
            $problem = self::problem(RandomShop::week($seed, 120, 2, 8.0));
            $placer = new ScheduleGenerator($problem);
            $plain = min(array_map(
                static fn (array $order): float => $placer->place(new Candidate($order))->worth[2],
                \array_slice((new PriorityRules($problem, $placer->blocks))->all(), 0, 3),
            ));
            $table = self::solve($problem, 200);
            self::assertSame([], ScheduleCheck::faults($problem, $table), 'seed '.$seed);
            self::assertLessThan(0.88 * $plain, $table->worth[2], 'seed '.$seed);
        }
    }

    public function testAChangedDraftGoesOnFromWhereItDiffers(): void
    {
        $problem = self::problem(RandomShop::week(4, 60, 2, 2.0));
        $placer = new ScheduleGenerator($problem);
        $random = new Randomizer(new Mt19937(4));
        $neighbours = new Neighbourhood($problem, $placer->blocks, false, static fn (int $sides): int => $random->getInt(0, $sides - 1));
        $draft = new Candidate(array_keys($placer->blocks->steps));
        $table = $placer->place($draft);
        for ($n = 0; $n < 150; ++$n) {
            $next = $neighbours->oneOf($draft, $table);
            $quick = $placer->place($next);
            self::assertEquals((new ScheduleGenerator($problem))->place(new Candidate($next->order, $next->asked, $next->held)), $quick);
            [$draft, $table] = [$next, $quick];
        }
    }

    public function testASearchFromTheOldAnswerIsNeverWorseThanIt(): void
    {
        $problem = self::problem(RandomShop::week(6, 60, 2, 3.0));
        $old = self::solve($problem, 300);
        self::assertFalse($old->isBetterThan(self::solve($problem, 2, $old)), 'the old order alone gives the old answer or better');
    }

    public function testATighterWindowIsNeverBetter(): void
    {
        foreach ([1, 2, 3] as $seed) {
            $week = RandomShop::week($seed, 16, 1, 3.0);
            $wide = self::solve(self::problem($week), 8000);
            array_walk_recursive($week, static function (mixed &$value, int|string $key): void {
                $value = 'max_minutes' === $key && \is_int($value) ? max(10, intdiv($value, 3)) : $value;
            });
            $tight = self::solve(self::problem($week), 1500);
            self::assertFalse($tight->isBetterThan($wide), 'seed '.$seed);
        }
    }

    public function testWhatIsFixedNeverMoves(): void
    {
        $week = RandomShop::week(5, 24, 2, 1.5);
        $week['fixed'] = [
            ['step' => 'j0/0', 'start' => '2026-03-02T07:40:00+00:00', 'person' => 'p0'],
            ['step' => 'j1/0', 'start' => '2026-03-02T08:05:00+00:00', 'person' => 'p1'],
        ];
        $problem = self::problem($week);
        $table = self::solve($problem, 200);
        self::assertSame([], ScheduleCheck::faults($problem, $table));
        self::assertSame([-20, 'p0'], [$table->starts[0], $problem->workers[(int) $table->workers[0]]->id]);
    }

    public function testWhatIsFixedBindsTheWindowOfWhatComesBeforeIt(): void
    {
        // B begins at 60, ten to twenty minutes after the end of A, which takes five: A ends between 40 and 50.
        $before = static fn (int $busy): Problem => new Problem(
            [
                new Activity('busy', 0, $busy, true, null, null, [], null),
                new Activity('A', 1, 5, true, null, null, [], null),
                new Activity('B', 1, 10, true, null, null, [new Lag(1, 10, 20)], null, fixedStart: 60),
            ],
            [new DueJob('x', 0, 1.0, [0]), new DueJob('y', 70, 1.0, [1, 2])],
            [new Worker('w', [], [[0, 480]])],
            [],
        );
        $place = static fn (Problem $p): Timetable => ($placer = new ScheduleGenerator($p))->place(new Candidate(array_keys($placer->blocks->steps)));
        $early = $place($before(3));
        self::assertSame([0, 35, 60], [$early->starts[0], $early->starts[1], $early->starts[2]], 'no earlier than its window lets it');
        self::assertSame([], $early->broken);
        self::assertSame(44, $place($before(44))->starts[1], 'and no later');
        $late = $place($before(46));
        self::assertSame(['B is fixed and would have to wait for it.'], array_values($late->unplaced));
    }

    public function testAWindowIsKeptByStartingLaterRatherThanBroken(): void
    {
        // The coat must be followed within 30 minutes by 60 minutes of work, but the shift ends 40 minutes after the coat could be done.
        $table = self::solve($problem = self::problem(self::shop([
            ['id' => 'coat', 'minutes' => 20, 'attended' => true, 'after' => []],
            ['id' => 'rub', 'minutes' => 60, 'attended' => true, 'after' => [['step' => 'coat', 'min_minutes' => 10, 'max_minutes' => 30]]],
        ], [['2026-03-02T08:00:00+00:00', '2026-03-02T09:00:00+00:00'], ['2026-03-02T12:00:00+00:00', '2026-03-02T16:00:00+00:00']])), 50);
        self::assertSame([], ScheduleCheck::faults($problem, $table));
        self::assertSame([], $table->broken);
        self::assertSame([240, 270], [$table->starts[0], $table->starts[1]]);
    }

    public function testAWindowThatCannotBeKeptIsNamedAndAStepWithoutRoomSaysWhy(): void
    {
        $broken = self::solve(self::problem(self::shop([
            ['id' => 'coat', 'minutes' => 60, 'attended' => true, 'after' => []],
            ['id' => 'rub', 'minutes' => 60, 'attended' => true, 'after' => [['step' => 'coat', 'min_minutes' => 0, 'max_minutes' => 30]]],
        ], [['2026-03-02T08:00:00+00:00', '2026-03-02T09:00:00+00:00'], ['2026-03-02T12:00:00+00:00', '2026-03-02T13:00:00+00:00']])), 50);
        self::assertSame([[1, 0, 30, 180]], $broken->broken);
        $lost = self::solve($problem = self::problem(self::shop([
            ['id' => 'first', 'minutes' => 50, 'attended' => true, 'after' => []],
            ['id' => 'long', 'minutes' => 40, 'attended' => true, 'after' => [['step' => 'first', 'min_minutes' => 0, 'max_minutes' => null]]],
            ['id' => 'after', 'minutes' => 5, 'attended' => true, 'after' => [['step' => 'long', 'min_minutes' => 0, 'max_minutes' => null]]],
            ['id' => 'gild', 'minutes' => 5, 'attended' => true, 'skill' => 'gilding', 'after' => []],
        ], [['2026-03-02T08:00:00+00:00', '2026-03-02T09:00:00+00:00']])), 50);
        self::assertSame([], ScheduleCheck::faults($problem, $lost));
        self::assertStringContainsString('No shift that is left has room', $lost->unplaced[1]);
        self::assertStringContainsString('waits for long', $lost->unplaced[2]);
        self::assertStringContainsString('Nobody has the skill “gilding”', $lost->unplaced[3]);
    }

    public function testOneEvaluationCountsOnceAndMoreShiftsAreNeverWorse(): void
    {
        $problem = self::problem(RandomShop::week(2, 20, 1, 2.0));
        $placer = new ScheduleGenerator($problem);
        $placer->place(new Candidate(array_keys($placer->blocks->steps)));
        self::assertSame(1, $placer->evaluations);
        $more = RandomShop::week(2, 20, 1, 2.0);
        \assert(\is_array($more['people']) && \is_array($more['people'][0]));
        $more['people'][] = ['id' => 'helper'] + $more['people'][0];
        self::assertLessThanOrEqual(self::solve($problem, 1500)->worth[2], self::solve(self::problem($more), 1500)->worth[2]);
    }

    private static function solve(Problem $problem, int $evaluations, ?Timetable $before = null): Timetable
    {
        $random = new Randomizer(new Mt19937(1));

        return (new Solver($problem, static fn (int $sides): int => $random->getInt(0, $sides - 1), static function () use (&$evaluations): bool {
            return --$evaluations > 0;
        }))->solve($before->starts ?? [], $before->workers ?? []);
    }

    /**
     * @param list<array<string, mixed>>  $steps
     * @param list<array{string, string}> $shifts
     *
     * @return array<string, mixed>
     */
    private static function shop(array $steps, array $shifts): array
    {
        return [
            'now' => '2026-03-02T08:00:00+00:00',
            'people' => [['id' => 'ada', 'skills' => [], 'shifts' => $shifts]],
            'jobs' => [['id' => 'a', 'due' => '2026-03-02T10:00:00+00:00', 'weight' => 2, 'steps' => $steps]],
        ];
    }
}

<?php

declare(strict_types=1);

namespace KindHeel\Tests\Core\Schedule;

use KindHeel\Core\Schedule\Solve\Activity;
use KindHeel\Core\Schedule\Solve\ActivityLists;
use KindHeel\Core\Schedule\Solve\Beam;
use KindHeel\Core\Schedule\Solve\BeamNode;
use KindHeel\Core\Schedule\Solve\BeamSearch;
use KindHeel\Core\Schedule\Solve\Candidate;
use KindHeel\Core\Schedule\Solve\DueJob;
use KindHeel\Core\Schedule\Solve\Lag;
use KindHeel\Core\Schedule\Solve\ListNeighbours;
use KindHeel\Core\Schedule\Solve\LowerBound;
use KindHeel\Core\Schedule\Solve\PriorityRules;
use KindHeel\Core\Schedule\Solve\Problem;
use KindHeel\Core\Schedule\Solve\ScheduleGenerator;
use KindHeel\Core\Schedule\Solve\Solver;
use KindHeel\Core\Schedule\Solve\Timetable;
use KindHeel\Core\Schedule\Solve\Worker;
use KindHeel\Tests\Support\ScheduleCheck;
use KindHeel\Tests\Support\SearchedWeeks;
use KindHeel\Tests\Support\SmallShop;
use PHPUnit\Framework\TestCase;

/** The close search, on made-up weeks whose optima a constraint solver proved. */
final class FewStepsTest extends TestCase
{
    use SearchedWeeks;

    /** Counted in looks at the clock, so that a slow machine finds the same. */
    public function testMostOfTheSeededWeeksReachWhatWasProved(): void
    {
        $found = $proved = 0.0;
        $reached = 0;
        $weeks = \array_slice(SmallShop::proved(), 0, 24);
        foreach ($weeks as ['seed' => $seed, 'steps' => $steps, 'weighted_tardiness' => $best]) {
            $problem = self::week($seed, $steps);
            $table = self::solve($problem, 4000);
            self::assertSame([], ScheduleCheck::faults($problem, $table), 'seed '.$seed);
            self::assertSame(ScheduleCheck::tardiness($problem, $table), $table->worth[2]);
            self::assertGreaterThanOrEqual($best, $table->worth[2], 'better than proved: seed '.$seed);
            self::assertLessThanOrEqual($best, LowerBound::of($problem), 'a bound is never above what can be reached: seed '.$seed);
            $reached += $table->worth[2] <= $best ? 1 : 0;
            $found += $table->worth[2];
            $proved += $best;
        }
        self::assertGreaterThanOrEqual(16, $reached);
        self::assertLessThanOrEqual(1.05 * $proved, $found);
    }

    public function testAListOfTheStepsInTimeGivesTheTimetableThatItCameFrom(): void
    {
        foreach ([3, 8, 17, 27] as $seed) {
            $problem = self::week($seed, 14 + 7 * $seed % 30);
            $lists = new ActivityLists($problem);
            $table = self::solve($problem, 400);
            $again = $lists->place($lists->inTime($table->starts), $table->workers);
            self::assertNotNull($again);
            self::assertLessThanOrEqual($table->worth[2], $again->worth[0], 'seed '.$seed);
        }
    }

    public function testAJobWithAStepOfAnotherBetweenItsOwnIsNotMovedPastIt(): void
    {
        // The heel waits for the other piece's press, which waits for the sole; beside them a piece that waits for nobody.
        $steps = [
            new Activity('sole', 0, 20, true, null, null, [], null),
            new Activity('heel', 0, 20, true, null, null, [new Lag(2, 5, null)], null),
            new Activity('press', 1, 30, true, null, null, [new Lag(0, 10, null)], null),
            new Activity('clean', 2, 15, true, null, null, [], null),
            new Activity('polish', 2, 15, true, null, null, [new Lag(3, 5, null)], null),
        ];
        $jobs = [new DueJob('a', 30, 2.0, [0, 1]), new DueJob('b', 40, 1.0, [2]), new DueJob('c', 20, 3.0, [3, 4])];
        $lists = new ActivityLists(new Problem($steps, $jobs, [new Worker('ada', [], [[0, 400]])], []));
        $neighbours = new ListNeighbours($lists, self::random(5));
        $now = $lists->place([0, 2, 1, 3, 4], []);
        for ($k = 0; $k < 400 && null !== $now; ++$k) {
            $move = $neighbours->oneOf($now);
            if (null !== $move) {
                $rank = array_flip($move[0]);
                self::assertTrue($rank[0] < $rank[2] && $rank[2] < $rank[1] && $rank[3] < $rank[4], 'move '.$k);
                $now = $lists->place(...$move) ?? $now;
            }
        }
    }

    public function testNoNeighbourBreaksALaw(): void
    {
        foreach ([[2, 0, 0], [8, 2, 5], [17, 5, 0], [26, 0, 10]] as [$seed, $switch, $handover]) {
            $week = SmallShop::week($seed, 14 + 7 * $seed % 30) + ['switch_minutes' => $switch, 'handover_minutes' => $handover];
            // What has begun may not move.
            $week['fixed'] = [['step' => self::text($week, 'jobs', 0, 'steps', 0, 'id'), 'start' => $week['now'], 'person' => 'ada']];
            $problem = self::problem($week);
            $lists = new ActivityLists($problem);
            $throw = self::random($seed);
            $neighbours = new ListNeighbours($lists, $throw);
            $rules = new PriorityRules($problem, ($placer = new ScheduleGenerator($problem))->blocks);
            $now = $lists->place($lists->inTime($placer->place(new Candidate($rules->all()[0]))->starts), []);
            $moved = 0;
            for ($k = 0; $k < 250 && null !== $now; ++$k) {
                $move = $neighbours->oneOf($now);
                $next = null === $move ? null : $lists->place(...$move);
                if (null === $next) {
                    continue;
                }
                $table = Timetable::of($problem, $next->starts, $next->workers);
                self::assertSame([], ScheduleCheck::faults($problem, $table), "seed $seed, move $k");
                self::assertSame([0, 0, $next->worth[0], $next->worth[1]], \array_slice($table->worth, 0, 4));
                $moved += $next->starts === $now->starts ? 0 : 1;
                $now = $next;
            }
            self::assertGreaterThan(100, $moved, 'seed '.$seed);
        }
    }

    public function testAListThatLeavesWhatIsFixedNoTimeIsNone(): void
    {
        $before = static fn (int $fixed): Problem => new Problem(
            [
                new Activity('clean', 0, 30, true, null, null, [], null),
                new Activity('dry', 0, 60, false, null, null, [new Lag(0, 20, null)], null, $fixed),
            ],
            [new DueJob('a', 500, 1.0, [0, 1])],
            [new Worker('ada', [], [[0, 240]])],
            [],
        );
        self::assertNull((new ActivityLists($before(40)))->place([0], []), 'done at 30, and 20 to wait');
        self::assertSame([0 => 0, 1 => 50], self::sorted((new ActivityLists($before(50)))->place([0], [])->starts ?? []));
    }

    /**
     * @param array<int, int> $starts
     *
     * @return array<int, int>
     */
    private static function sorted(array $starts): array
    {
        ksort($starts);

        return $starts;
    }

    public function testWhatABeamBuildsKeepsTheLawsAndItsBoundIsNeverAboveWhatComesOfIt(): void
    {
        foreach ([0, 7, 13, 22, 43] as $seed) {
            $problem = self::week($seed, 14 + 7 * $seed % 30);
            $lists = new ActivityLists($problem);
            $whole = $parts = [];
            $compared = 0;
            (new BeamSearch($lists, self::random(1), static fn (): bool => true))->run(
                new Beam(12, 2, true, 0.7, 15),
                \INF,
                static function (BeamNode $node) use ($problem, &$whole, &$parts): void {
                    \count($node->starts) === \count($problem->steps) ? $whole[] = $node : $parts[] = $node;
                },
            );
            self::assertNotSame([], $whole, 'seed '.$seed);
            foreach ($whole as $node) {
                $table = Timetable::of($problem, $node->starts, $node->workers);
                self::assertSame([], ScheduleCheck::faults($problem, $table), 'seed '.$seed);
                self::assertSame([0, $table->worth[2]], [$table->worth[1], $node->bound]);
                foreach ($parts as $part) {
                    if (self::goesOn($problem, $part, $node)) {
                        ++$compared;
                        self::assertLessThanOrEqual($node->bound, $part->bound, 'seed '.$seed);
                    }
                }
            }
            self::assertGreaterThan(0, $compared, 'seed '.$seed);
        }
    }

    public function testAWideBeamFindsWhatWasProvedWhereThereAreFewSteps(): void
    {
        $best = array_column(SmallShop::proved(), 'weighted_tardiness', 'seed');
        foreach ([9 => 17, 13 => 15, 49 => 27] as $seed => $steps) {
            $problem = self::week($seed, $steps);
            $found = \INF;
            (new BeamSearch(new ActivityLists($problem), self::random(1), static fn (): bool => true))->run(
                new Beam(3000, 30, true, 0.7, 0),
                \INF,
                static function (BeamNode $node) use (&$found, $problem): void {
                    $found = \count($node->starts) === \count($problem->steps) ? min($found, $node->bound) : $found;
                },
            );
            self::assertSame((float) $best[$seed], $found, 'seed '.$seed);
        }
    }

    /** One has what the other has, and all else after it at its person and its place. */
    private static function goesOn(Problem $problem, BeamNode $part, BeamNode $whole): bool
    {
        foreach ($whole->starts as $i => $start) {
            if (isset($part->starts[$i])) {
                if ($part->starts[$i] !== $start || $part->workers[$i] !== $whole->workers[$i]) {
                    return false;
                }
            } elseif ($start < ($part->free[$whole->workers[$i]] ?? 0) || $start < ($part->places[$problem->steps[$i]->station ?? -1][0] ?? 0)) {
                return false;
            }
        }

        return true;
    }

    /** @param array<mixed> $week */
    private static function text(array $week, string|int ...$path): string
    {
        $value = $week;
        foreach ($path as $key) {
            $value = \is_array($value) ? $value[$key] ?? null : null;
        }

        return \is_string($value) ? $value : throw new \LogicException('There is no text.');
    }

    private static function solve(Problem $problem, int $looks): Timetable
    {
        return (new Solver($problem, self::random(1), static function () use (&$looks): bool {
            return --$looks >= 0;
        }))->solve();
    }
}

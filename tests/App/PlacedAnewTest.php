<?php

declare(strict_types=1);

namespace KindHeel\Tests\App;

use KindHeel\App\Bench\BenchView;
use KindHeel\App\Database\Row;
use KindHeel\App\Learning\Learning;
use KindHeel\App\Plan\PlanDayView;
use KindHeel\App\Plan\PlanView;
use KindHeel\App\Plan\StepView;
use KindHeel\App\Settings\WorkingHours;
use KindHeel\App\Settings\WorkshopSettings;
use KindHeel\App\Timetable\CurrentTimetable;
use KindHeel\App\Timetable\OpenJobs;
use KindHeel\App\Timetable\Reschedule;
use KindHeel\App\Timetable\TimetableStore;
use KindHeel\Core\Schedule\ProblemBuilder;
use KindHeel\Core\Schedule\Solve\Activity;
use KindHeel\Core\Schedule\Solve\Problem;
use KindHeel\Core\Schedule\Solve\Timetable;
use KindHeel\Core\Schedule\Solve\Worker;
use KindHeel\Tests\Support\ScheduleCheck;

/** After an act only what it touches is placed anew, and the day is one that hands can work. */
final class PlacedAnewTest extends ApiTestCase
{
    private const PIECES = 9;
    private const ACTS = 26;

    public function testAnActMovesWhatItTouchesAndTheWholeKeepsEveryLaw(): void
    {
        $this->signIn();
        // Whoever waits for trees is moved by whom has them: here nobody does.
        $this->set('/stations', ['station' => 'trees-to-44', 'places' => self::PIECES]);
        for ($n = 0; $n < self::PIECES; ++$n) {
            $this->plannedPair(severity: 1 + $n % 3);
        }
        $any = new \Random\Randomizer(new \Random\Engine\Mt19937(5));
        $kept = $moved = 0;
        for ($act = 0; $act < self::ACTS; ++$act) {
            $this->signIn(['tomas', 'nell', 'ida'][$any->getInt(0, 2)]);
            // Whole minutes, in which timetables count.
            $this->clock->sleep(60 * $any->getInt(0, 25));
            $before = $this->table();
            $bench = $this->must(BenchView::class, 'GET', '/api/bench');
            if ([] === $bench->calls) {
                $this->clock->sleep(3600);

                continue;
            }
            $this->doCall($bench->calls[$any->getInt(0, min(3, \count($bench->calls) - 1))]);
            $after = $this->table();
            self::assertSame([], $this->faults($after), "act $act");
            $now = $this->clock->now();
            foreach ($before->marks as $piece => $mark) {
                if (!\in_array($piece, $before->stale($after->marks, $now), true) && $before->hours === $after->hours) {
                    self::of($piece, $before) === self::of($piece, $after) ? ++$kept : ++$moved;
                }
            }
        }
        // Whatever is drawn, 28 to 61 stay and 4 to 19 move; were all placed anew each time, 1 to 12 would stay and 35 to 57 move.
        self::assertGreaterThan(25, $kept);
        self::assertLessThan($kept, $moved, 'others move only where nothing else has room');
    }

    public function testAPlanSaysOnWhichDaysItIsDone(): void
    {
        $this->signIn('ida');
        $id = $this->plannedPair(severity: 3);
        // Ninety minutes on two evenings of the week, and nobody else.
        foreach (['tomas', 'nell', 'wren'] as $other) {
            $this->connection()->executeStatement("UPDATE person SET week = '{}' WHERE login = ?", [$other]);
        }
        $me = Row::first($this->connection(), "SELECT id FROM person WHERE login = 'ida'")?->int('id') ?? 0;
        $this->set("/people/$me", ['week' => array_map(static fn (int $day): array => [
            'day' => $day, 'shifts' => [['from' => '19:00', 'until' => '20:30']],
        ], [2, 4])]);
        $plan = $this->must(PlanView::class, 'GET', "/api/pieces/$id/plan");
        self::assertGreaterThan(1, \count($plan->days), 'what dries over night is gone on with on another evening');
        $steps = array_merge(...array_map(static fn (PlanDayView $d): array => $d->steps, $plan->days));
        self::assertSame($steps, array_values(array_unique($steps)));
        self::assertEqualsCanonicalizing(array_map(static fn (StepView $s): int => $s->id, $plan->steps), $steps, 'every step has its evening');
        foreach ($plan->days as $i => $day) {
            $from = (new \DateTimeImmutable($day->from))->setTimezone(new \DateTimeZone('Europe/Vienna'));
            self::assertContains($from->format('N'), ['2', '4']);
            self::assertGreaterThanOrEqual('19:00', $from->format('H:i'));
            self::assertLessThanOrEqual(90.0, $day->minutes);
            self::assertGreaterThan($plan->days[$i - 1]->until ?? '', $day->from);
        }
    }

    public function testHoursThatChangeMoveAll(): void
    {
        $this->signIn('ida');
        $this->plannedPair();
        $before = $this->table();
        $this->set('/stations', ['station' => 'booth', 'places' => 3]);
        self::assertNotSame($before->hours, $this->table()->hours);
    }

    public function testThoseWhoShareAPairOfTreesHaveItOneAfterTheOther(): void
    {
        $this->signIn('ida');
        $this->set('/stations', ['station' => 'trees-to-44', 'places' => 1]);
        for ($n = 0; $n < 3; ++$n) {
            $this->plannedPair();
        }
        $turns = $this->turnsAtTheTrees();
        self::assertCount(3, $turns);
        foreach ($turns as $k => [$from, $until]) {
            self::assertGreaterThan($from, $until);
            self::assertGreaterThanOrEqual($turns[$k - 1][1] ?? 0, $from, 'the pair is back before it is lent again');
        }
        // Work goes on: whoever waits keeps their turn at once, and has the right one as soon as all has been looked at.
        $this->doCall($this->workUntil('Put the tree in'));
        $looks = 0;
        self::getContainer()->get(Reschedule::class)->improve(static function () use (&$looks): bool {
            return ++$looks < 5;
        });
        foreach ($turns = $this->turnsAtTheTrees() as $k => [$from]) {
            self::assertGreaterThanOrEqual($turns[$k - 1][1] ?? 0, $from);
        }
        $this->set('/stations', ['station' => 'trees-to-44', 'places' => 3]);
        self::assertLessThan($turns[1][0], $this->turnsAtTheTrees()[1][0], 'with more trees nobody waits');
    }

    public function testNoMorePiecesAreAtWorkAtOnceThanTheRackHasSlotsForUnlessTheyStandElsewhere(): void
    {
        $this->signIn('ida');
        $this->set('/stations', ['station' => 'rack', 'places' => 2]);
        $pieces = [];
        for ($n = 0; $n < 3; ++$n) {
            $pieces[] = $this->plannedPair();
        }
        $spans = $this->spans();
        self::assertCount(3, $spans);
        self::assertLessThan($spans[0][1], $spans[1][0], 'two share the days');
        self::assertGreaterThanOrEqual(min($spans[0][1], $spans[1][1]), $spans[2][0], 'the third begins when one has left');
        $this->must(BenchView::class, 'POST', '/api/pieces/'.$pieces[0].'/place', ['place' => 'box']);
        // Looked at as a whole once more, as whenever there is another number of something.
        $this->set('/stations', ['station' => 'clamps', 'places' => 5]);
        $spans = $this->spans();
        self::assertLessThan(min($spans[0][1], $spans[1][1]), $spans[2][0], 'what stands in the box takes no slot');
    }

    /** @return list<array{int, int}> from when until when each piece is at work, the first first */
    private function spans(): array
    {
        $spans = [];
        foreach ($this->table()->blocks as [, , $start, $end, $piece]) {
            $spans[$piece] = [min($start, $spans[$piece][0] ?? \PHP_INT_MAX), max($end, $spans[$piece][1] ?? 0)];
        }
        sort($spans);

        return $spans;
    }

    /** @return list<array{int, int}> from when until when each piece has its trees, the first first */
    private function turnsAtTheTrees(): array
    {
        $acts = [];
        foreach (Row::all($this->connection(), "SELECT id, action, status, ended_at FROM plan_step WHERE action IN ('tree', 'tree-out')") as $row) {
            $acts[$row->int('id')] = $row;
        }
        $turns = [];
        foreach ($this->table()->blocks as [$step, , $start, $end, $piece]) {
            $act = ($acts[$step] ?? null)?->text('action');
            if ('tree' === $act) {
                $turns[$piece][0] = min($start, $turns[$piece][0] ?? \PHP_INT_MAX);
            } elseif ('tree-out' === $act) {
                $turns[$piece] = [$turns[$piece][0] ?? 0, max($end, $turns[$piece][1] ?? 0)];
            }
        }
        sort($turns);

        return array_map(static fn (array $t): array => [$t[0], $t[1] ?? 0], $turns);
    }

    /** @return list<array<int, mixed>> */
    private static function of(int $piece, CurrentTimetable $table): array
    {
        return array_values(array_filter($table->blocks, static fn (array $b): bool => $b[4] === $piece));
    }

    private function table(): CurrentTimetable
    {
        return self::getContainer()->get(TimetableStore::class)->read();
    }

    /**
     * Whole shifts of today also: what a step needs before it may have begun before now.
     *
     * @return list<Worker>
     */
    private function hours(\DateTimeImmutable $now): array
    {
        $earlier = 12 * 60;

        return array_map(
            static fn (Worker $w): Worker => new Worker($w->id, $w->skills, array_map(
                static fn (int $from, int $until): array => [$from - $earlier, $until - $earlier],
                array_column($w->shifts, 0),
                array_column($w->shifts, 1),
            )),
            self::getContainer()->get(WorkingHours::class)->from($now->modify("-$earlier minutes")),
        );
    }

    /** @return list<string> what is wrong with all of it, reckoned as a whole */
    private function faults(CurrentTimetable $table): array
    {
        $now = $this->clock->now();
        $settings = self::getContainer()->get(WorkshopSettings::class);
        $builder = ProblemBuilder::of(
            self::getContainer()->get(OpenJobs::class)->all(self::getContainer()->get(Learning::class)->factors()),
            $this->hours($now),
            $settings->places(),
            $now,
            [],
            $settings->setUp(),
        );
        // As long as they were reckoned with: minutes are learned meanwhile.
        $minutes = [];
        foreach ($table->blocks as [$step, , $from, $until]) {
            $minutes[$step] = intdiv($until - $from, 60);
        }
        $works = [];
        foreach ($builder->problem->steps as $i => $work) {
            $works[] = new Activity(
                $work->id,
                $work->job,
                $minutes[$builder->tasks[$i]->id ?? 0] ?? $work->minutes,
                $work->attended,
                $work->skill,
                $work->station,
                $work->after,
                $work->setup,
                $work->fixedStart,
                $work->fixedPerson,
            );
        }
        $problem = new Problem(
            $works,
            $builder->problem->jobs,
            $builder->problem->workers,
            $builder->problem->places,
            $builder->problem->switchMinutes,
            $builder->problem->handoverMinutes,
        );
        [$starts, $workers] = $table->before($builder);
        $unplaced = [];
        foreach ($problem->steps as $i => $work) {
            if (null !== $work->fixedStart) {
                $starts[$i] = $work->fixedStart;
                $workers[$i] = $work->fixedPerson ?? -1;
            } elseif (!isset($starts[$i])) {
                $unplaced[$i] = 'not in the table';
            }
        }

        return [
            ...ScheduleCheck::faults($problem, Timetable::of($problem, $starts, $workers)),
            ...array_map(static fn (int $i): string => $problem->steps[$i]->id.' was forgotten', array_keys($unplaced)),
        ];
    }
}

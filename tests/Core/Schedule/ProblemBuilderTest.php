<?php

declare(strict_types=1);

namespace KindHeel\Tests\Core\Schedule;

use KindHeel\Core\Drying\After;
use KindHeel\Core\Drying\Stage;
use KindHeel\Core\Schedule\Calendar\CalendarError;
use KindHeel\Core\Schedule\Calendar\Hours;
use KindHeel\Core\Schedule\Calendar\Shift;
use KindHeel\Core\Schedule\Job;
use KindHeel\Core\Schedule\ProblemBuilder;
use KindHeel\Core\Schedule\Solve\Candidate;
use KindHeel\Core\Schedule\Solve\DueJob;
use KindHeel\Core\Schedule\Solve\ScheduleGenerator;
use KindHeel\Core\Schedule\Solve\Solver;
use KindHeel\Core\Schedule\Solve\Timetable;
use KindHeel\Core\Schedule\Solve\Worker;
use KindHeel\Core\Schedule\Task;
use KindHeel\Tests\Support\ScheduleCheck;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Hours, and the bench as the solver sees it. */
final class ProblemBuilderTest extends TestCase
{
    private const NOW = '2026-03-27T10:00:00+01:00';

    public function testHoursFollowTheClockOfTheWorkshopOverTheNightWhenItIsPutForward(): void
    {
        $hours = new Hours(array_fill(1, 7, [Shift::of('09:00', '12:00'), Shift::of('13:00', '17:00')]), ['2026-03-28' => []]);
        $vienna = new \DateTimeZone('Europe/Vienna');
        $stretches = array_map(
            static fn (array $s): string => implode(' ', array_map(static fn (int $at): string => gmdate('D H:i', $at), $s)),
            $hours->from(new \DateTimeImmutable(self::NOW), $vienna, 3),
        );
        self::assertSame(
            ['Fri 09:00 Fri 11:00', 'Fri 12:00 Fri 16:00', 'Sun 07:00 Sun 10:00', 'Sun 11:00 Sun 15:00'],
            $stretches,
            'what is under way begins now; Saturday is off; on Sunday the clock stands an hour ahead',
        );
    }

    /** @return iterable<string, array{string, list<array{string, string}>}> */
    public static function impossible(): iterable
    {
        yield 'ends before it starts' => ['cannot end at 09:00', [['12:00', '09:00']]];
        yield 'over each other' => ['lie over each other', [['09:00', '12:00'], ['11:00', '14:00']]];
        yield 'no time of day' => ['is no time of day', [['25:00', '26:00']]];
    }

    /** @param list<array{string, string}> $shifts */
    #[DataProvider('impossible')]
    public function testHoursThatNobodyCanWorkAreNamed(string $said, array $shifts): void
    {
        $this->expectException(CalendarError::class);
        $this->expectExceptionMessage($said);
        Shift::day(array_map(static fn (array $s): Shift => Shift::of(...$s), $shifts));
    }

    public function testACoatThatDriesHoldsBackTheNextAndWhatIsUnderWayStays(): void
    {
        $now = new \DateTimeImmutable(self::NOW);
        $laid = new Task(
            1,
            1,
            'coat',
            1,
            'coat',
            5.0,
            [],
            doneAt: $now->modify('-10 minutes'),
            moments: ['next' => $now->modify('+20 minutes')->getTimestamp()],
            gateFrom: Stage::Next,
            coat: 'paint',
        );
        $next = new Task(2, 1, 'seal', 2, 'seal', 10.0, [new After('coat', Stage::Next)], skill: 'seal');
        $running = new Task(3, 2, 'dust', 1, 'dust', 15.0, [], running: true, startedAt: $now->modify('-12 minutes'), by: 7);
        $brush = new Task(4, 2, 'brush', 2, 'brush', 10.0, [new After('dust')]);
        [$builder, $table] = $this->placed(
            [new Job(1, $now->modify('+1 hour'), [$laid, $next]), new Job(2, $now->modify('+2 hours'), [$running, $brush])],
            $now,
        );
        $at = [];
        foreach ($builder->tasks as $i => $task) {
            $at[$task->title] = $builder->start($table, $i)?->format('H:i');
        }
        self::assertSame(['seal' => '10:20', 'dust' => '10:00', 'brush' => '10:03'], $at, 'three minutes of the dusting are left');
        self::assertSame([], ScheduleCheck::faults($builder->problem, $table));
        self::assertSame(0, $table->workers[array_key_last($builder->tasks) - 1], 'whoever began it');
    }

    public function testWhatRunsOverItsTimeMovesTheRestMinuteByMinute(): void
    {
        $now = new \DateTimeImmutable(self::NOW);
        $running = new Task(3, 2, 'dust', 1, 'dust', 15.0, [], running: true, startedAt: $now->modify('-40 minutes'), by: 7);
        self::assertSame(1, $running->minutesLeft($now));
        $interrupted = new Task(3, 2, 'dust', 1, 'dust', 15.0, [], worked: 9.5);
        self::assertSame(6, $interrupted->minutesLeft($now));
    }

    public function testAWindowThatHasClosedIsPlacedAtOnceAndSaidToBeBroken(): void
    {
        $now = new \DateTimeImmutable(self::NOW);
        $wiped = new Task(1, 1, 'wipe', 1, 'wipe', 5.0, [], doneAt: $now->modify('-70 minutes'));
        $dress = new Task(2, 1, 'dress', 2, 'dress', 10.0, [new After('wipe', withinMinutes: 60.0)]);
        [$builder, $table] = $this->placed([new Job(1, $now->modify('+1 hour'), [$wiped, $dress])], $now);
        self::assertCount(1, $table->broken);
        self::assertSame('10:00', $builder->start($table, 1)?->format('H:i'));
    }

    public function testAStepLongerThanAnyShiftIsDoneInStretchesAndWhatFollowsWaitsForTheLast(): void
    {
        $now = new \DateTimeImmutable(self::NOW);
        $tasks = [new Task(1, 1, 'dye', 1, 'dye', 300.0, []), new Task(2, 1, 'wait', 2, 'wait', 5.0, [new After('dye')])];
        $builder = ProblemBuilder::of([new Job(1, $now->modify('+1 hour'), $tasks)], [new Worker('7', [], [[0, 120], [1440, 1560], [2880, 3000]])], [], $now);
        self::assertSame([100, 100, 100, 5], array_map(static fn ($a): int => $a->minutes, $builder->problem->steps));
        $placer = new ScheduleGenerator($builder->problem);
        $table = $placer->place(new Candidate(array_keys($placer->blocks->steps)));
        self::assertSame([], $table->unplaced);
        self::assertSame([0, 1440, 2880, 2980], array_values($table->starts));
        self::assertSame([1, 1, 1, 2], array_map(static fn (Task $t): int => $t->id, array_values($builder->tasks)));
    }

    public function testAStepThatNobodyHereCanDoIsNamedAndItsPieceHasNoEnd(): void
    {
        $now = new \DateTimeImmutable(self::NOW);
        [, $table] = $this->placed(
            [new Job(1, $now->modify('+1 hour'), [new Task(1, 1, 'dye', 1, 'dye', 30.0, [], skill: 'dye'), new Task(2, 1, 'wait', 2, 'wait', 5.0, [new After(
                'dye',
            )])])],
            $now,
        );
        self::assertSame('It waits for 1/dye, which finds no place.', array_values($table->unplaced)[1]);
    }

    public function testWhatIsUnderWayStaysWhereItIsWhateverElseIsWantedFirst(): void
    {
        $now = new \DateTimeImmutable(self::NOW);
        $wanted = new Task(1, 1, 'cream', 1, 'cream', 10.0, []);
        $running = new Task(3, 2, 'dust', 1, 'dust', 15.0, [], running: true, startedAt: $now->modify('-5 minutes'), by: 7);
        [$builder, $table] = $this->placed([new Job(1, $now->modify('+10 minutes'), [$wanted]), new Job(2, $now->modify('+1 day'), [$running])], $now);
        $at = [];
        foreach ($builder->tasks as $i => $task) {
            $at[$task->title] = $builder->start($table, $i)?->format('H:i');
        }
        self::assertSame(['cream' => '10:10', 'dust' => '10:00'], $at);
    }

    public function testWhatIsUnderWayBindsTheWindowAfterIt(): void
    {
        $now = new \DateTimeImmutable(self::NOW);
        $degrease = new Task(1, 1, 'degrease', 1, 'degrease', 10.0, [], running: true, startedAt: $now->modify('-4 minutes'), by: 7);
        $paint = new Task(2, 1, 'paint', 2, 'paint', 20.0, [new After('degrease', withinMinutes: 15.0)], longest: ['degrease' => 15.0]);
        $long = new Task(3, 2, 'stitch', 1, 'stitch', 60.0, []);
        $jobs = [new Job(2, $now->modify('+1 hour'), [$long]), new Job(1, $now->modify('+1 day'), [$degrease, $paint])];
        $builder = ProblemBuilder::of($jobs, [new Worker('7', [], [[0, 240]])], [], $now);
        $rounds = 200;
        $table = (new Solver($builder->problem, static fn (int $sides): int => 0, static function () use (&$rounds): bool {
            return --$rounds > 0;
        }))->solve();
        $at = [];
        foreach ($builder->tasks as $i => $task) {
            $at[$task->title] = $builder->start($table, $i)?->format('H:i');
        }
        self::assertSame(['stitch' => '10:26', 'degrease' => '10:00', 'paint' => '10:06'], $at, 'six minutes are left of it, then its window runs');
        self::assertSame([], $table->broken);
        self::assertSame([], ScheduleCheck::faults($builder->problem, $table));
    }

    public function testALateMinuteOfARushWeighsAsMuchAsIsSaid(): void
    {
        $now = new \DateTimeImmutable(self::NOW);
        $job = static fn (int $piece): Job => new Job($piece, $now->modify('+1 hour'), [new Task($piece, $piece, 'dust', 1, 'dust', 15.0, [])]);
        $problem = ProblemBuilder::of([$job(1), $job(2)], [new Worker('7', [], [[0, 120]])], [], $now, [2 => 5.0])->problem;
        self::assertSame([1.0, 5.0], array_map(static fn (DueJob $j): float => $j->weight, $problem->jobs));
    }

    /**
     * @param list<Job> $jobs
     *
     * @return array{ProblemBuilder, Timetable}
     */
    private function placed(array $jobs, \DateTimeImmutable $now): array
    {
        $builder = ProblemBuilder::of($jobs, [new Worker('7', ['seal'], [[0, 120]])], ['bench' => 1], $now);
        $placer = new ScheduleGenerator($builder->problem);

        return [$builder, $placer->place(new Candidate(array_keys($placer->blocks->steps)))];
    }
}

<?php

declare(strict_types=1);

namespace KindHeel\Tests\Core\Schedule;

use KindHeel\Core\Drying\After;
use KindHeel\Core\Drying\Stage;
use KindHeel\Core\Schedule\Block;
use KindHeel\Core\Schedule\Call;
use KindHeel\Core\Schedule\Fit;
use KindHeel\Core\Schedule\Job;
use KindHeel\Core\Schedule\NextUp;
use KindHeel\Core\Schedule\RetryDelay;
use KindHeel\Core\Schedule\Standing;
use KindHeel\Core\Schedule\StartRefusal;
use KindHeel\Core\Schedule\Task;
use PHPUnit\Framework\TestCase;

final class ReadinessTest extends TestCase
{
    private \DateTimeImmutable $now;

    protected function setUp(): void
    {
        $this->now = new \DateTimeImmutable('2026-03-02T14:00:00+01:00');
    }

    public function testAStepWaitsForWhatIsNotDone(): void
    {
        $wipe = $this->task('wipe');
        $feed = $this->task('feed', after: [new After('wipe', Stage::Next)]);
        $this->stands(Standing::Blocked, '“wipe” is not done yet.', $feed, $wipe);
    }

    public function testThenForTheCoatThenForItsTest(): void
    {
        $feed = $this->task('feed', after: [new After('wipe', Stage::Next)]);
        $this->stands(Standing::Waiting, 'Ready for the next from 14:20.', $feed, $this->laid('wipe', 'next', '+20 minutes'));
        $this->stands(Standing::ToTest, '“wipe” should be ready: make the gate test first.', $feed, $this->laid('wipe', 'next', '-1 minute'));
        $this->stands(Standing::Open, null, $feed, $this->laid('wipe', 'next', '-1 minute', passed: true));
    }

    public function testAPassedTestEndsTheWaitBeforeItsTimeButOnlyForItsStage(): void
    {
        $laid = $this->laid('cream', 'touch', '+5 minutes', passed: true, moments: ['next' => '+50 minutes']);
        $this->stands(Standing::Open, null, $this->task('buff', after: [new After('cream', Stage::Touch)]), $laid);
        $this->stands(Standing::Waiting, 'Ready for the next from 14:50.', $this->task('wax', after: [new After('cream', Stage::Next)]), $laid);
    }

    public function testAWindowClosesAfterItsMinutesOrWhenTheCoatIsNoLongerSoft(): void
    {
        $degreased = $this->laid('degrease', 'next', '-2 minutes', passed: true, doneAt: '-61 minutes');
        $dress = $this->task('dress', after: [new After('degrease', Stage::Next, 60.0)]);
        $this->stands(Standing::Late, 'Too late: it had to follow “degrease” by 13:59. Do that again, or say why not.', $dress, $degreased);
        $pull = $this->task('pull', after: [new After('dress', before: Stage::Touch)]);
        $this->stands(Standing::Open, null, $pull, $this->laid('dress', 'touch', '+3 minutes'));
        $this->stands(
            Standing::Late,
            'Too late: it had to follow “dress” by 13:57. Do that again, or say why not.',
            $pull,
            $this->laid('dress', 'touch', '-3 minutes'),
        );
    }

    public function testACoatThatDoesNotDrySaysThatTheRoomIsAtFault(): void
    {
        $stuck = $this->laid('wipe', 'next', null);
        $this->stands(
            Standing::Stalled,
            'In this air the coat does not dry. Warm or dry the room first.',
            $this->task('feed', after: [new After('wipe', Stage::Next)]),
            $stuck,
        );
    }

    public function testWaitsOverNightSayTomorrow(): void
    {
        $feed = $this->task('feed', after: [new After('wipe', Stage::Full)]);
        $this->stands(Standing::Waiting, 'May be flexed and handed over from tomorrow 09:30.', $feed, $this->laid('wipe', 'full', '+1170 minutes'));
    }

    public function testHandsFirstEndWhatIsBegunThenWhatClosesThenTestsThenThePieceDueSoonest(): void
    {
        $closing = new Job(1, $this->now->modify('+9 days'), [
            $this->laid('dress', 'touch', '+8 minutes', piece: 1),
            $this->task('pull', piece: 1, after: [new After('dress', before: Stage::Touch)]),
        ]);
        $tested = new Job(2, $this->now->modify('+2 days'), [
            $this->laid('wipe', 'next', '-1 minute', piece: 2),
            $this->task('feed', piece: 2, after: [new After('wipe', Stage::Next)]),
        ]);
        $late = new Job(3, $this->now->modify('+5 days'), [$this->task('dust late', piece: 3)]);
        $soon = new Job(4, $this->now->modify('+1 day'), [$this->task('dust soon', piece: 4)]);
        $running = new Job(5, $this->now->modify('+8 days'), [$this->task('brush', piece: 5, running: true)]);
        $order = array_map(static fn (Call $c): string => $c->task->title, NextUp::order([$closing, $tested, $late, $soon, $running], $this->now));
        self::assertSame(['brush', 'pull', 'wipe', 'dust soon', 'dust late'], $order);
    }

    public function testATestThatSetsNothingFreeDoesNotCall(): void
    {
        self::assertSame([], NextUp::order([new Job(1, $this->now, [$this->laid('wipe', 'next', '-1 minute')])], $this->now));
    }

    public function testTwentyFiveMinutesAreFilledWithWhatFitsAndTheWaitOfOnePieceServesAnother(): void
    {
        $first = new Job(1, $this->now->modify('+1 day'), [
            $this->task('wipe', piece: 1),
            $this->task('feed', piece: 1, after: [new After('wipe', Stage::Next)], usual: ['wipe' => 12.0]),
        ]);
        $second = new Job(2, $this->now->modify('+2 days'), [$this->task('dust', piece: 2), $this->task('comb', piece: 2)]);
        $fit = fn (int $minutes, int ...$rank): array => array_map(
            static fn (Block $b): string => $b->start->format('i').' '.$b->task->title,
            Fit::into($minutes, [$first, $second], array_flip(array_values($rank)), $this->now),
        );
        self::assertSame(['00 wipe', '05 dust', '10 comb', '17 feed'], $fit(25));
        self::assertSame(['00 wipe', '05 dust', '10 comb'], $fit(20));
        self::assertSame([], $fit(4));
        self::assertSame(['00 comb', '05 wipe', '10 dust', '22 feed'], $fit(30, crc32('comb'), crc32('wipe')), 'in the order that was foreseen');
    }

    public function testNothingIsBegunThatWouldHaveToBeFollowedAfterwards(): void
    {
        $spread = $this->task('spread');
        $join = new Task(2, 1, 'join', 2, 'join', 10.0, [new After('spread', withinMinutes: 40.0)], usual: ['spread' => 15.0], longest: ['spread' => 40.0]);
        $job = new Job(1, $this->now, [$spread, $join]);
        self::assertSame([], Fit::into(25, [$job], [], $this->now), 'the cement would be open when the time is over');
        self::assertCount(2, Fit::into(30, [$job], [], $this->now));
    }

    public function testPatienceIsAQuarterOfTheWaitInFives(): void
    {
        self::assertSame(5, RetryDelay::more($this->now, $this->now->modify('+8 minutes')));
        self::assertSame(15, RetryDelay::more($this->now, $this->now->modify('+55 minutes')));
        self::assertSame(120, RetryDelay::more($this->now, $this->now->modify('+3 days')));
    }

    private function stands(Standing $standing, ?string $sentence, Task $task, Task ...$earlier): void
    {
        $job = new Job(1, $this->now->modify('+3 days'), array_values([...$earlier, $task]));
        $readiness = $job->readiness($task, $this->now);
        self::assertSame($standing, $readiness->standing);
        self::assertSame($sentence, StartRefusal::of($task, $readiness, $this->now));
    }

    /**
     * @param list<After>          $after
     * @param array<string, float> $usual
     */
    private function task(string $key, array $after = [], int $piece = 1, bool $running = false, array $usual = []): Task
    {
        return new Task(crc32($key), $piece, $key, 1, $key, 5.0, $after, $running, usual: $usual);
    }

    /** @param array<string, string> $moments */
    private function laid(
        string $key,
        string $stage,
        ?string $reached,
        bool $passed = false,
        string $doneAt = '-10 minutes',
        int $piece = 1,
        array $moments = [],
    ): Task {
        $at = array_map(fn (string $when): int => $this->now->modify($when)->getTimestamp(), $moments);
        $at[$stage] = null === $reached ? null : $this->now->modify($reached)->getTimestamp();

        return new Task(
            crc32($key),
            $piece,
            $key,
            1,
            $key,
            5.0,
            [],
            doneAt: $this->now->modify($doneAt),
            moments: $at,
            gateFrom: Stage::from($stage),
            gatePassed: $passed,
            coat: 'coat',
        );
    }
}

<?php

declare(strict_types=1);

namespace KindHeel\Tests\App;

use KindHeel\App\Bench\BenchView;
use KindHeel\App\Bench\BlockView;
use KindHeel\App\Bench\CallView;
use KindHeel\App\Bench\FreeMinutesView;
use KindHeel\App\Counter\TicketView;
use KindHeel\App\Demo\DemoHands;
use KindHeel\App\Ledger\EntryView;
use KindHeel\App\Ledger\Event;
use KindHeel\App\Ledger\LedgerView;
use KindHeel\App\Piece\PieceView;
use KindHeel\App\Plan\PlanView;
use KindHeel\App\Timetable\CurrentTimetable;
use KindHeel\App\Timetable\Reschedule;
use KindHeel\App\Timetable\TimetableStore;
use KindHeel\Core\Schedule\Urgency;

/** The day as the tape shows it, and the ledger that is left of it. */
final class TapeTest extends ApiTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn();
    }

    public function testTheTapeShowsWhatWasDoneAndWhatIsAheadWithoutTwoThingsInOneHand(): void
    {
        $this->plannedPair();
        $this->plannedPair();
        $this->doCall($this->workUntil('Brush the dust'));
        $bench = $this->must(BenchView::class, 'GET', '/api/bench');
        $done = array_values(array_filter($bench->tapes[0]->today, static fn (BlockView $b): bool => $b->done));
        $ahead = array_values(array_filter($bench->tapes[0]->today, static fn (BlockView $b): bool => !$b->done));
        self::assertSame('Take the laces and insoles out', $done[0]->title);
        self::assertGreaterThan(7, \count($ahead));
        $end = $bench->now;
        foreach ($ahead as $block) {
            self::assertGreaterThanOrEqual(strtotime($end), strtotime($block->start), $block->title);
            $end = $block->end;
        }
        self::assertLessThanOrEqual(strtotime($bench->dayUntil) + 3600, strtotime($end));
    }

    public function testEachPersonHasATapeAndNobodyIsAtTwoThingsAtOnce(): void
    {
        $this->plannedPair();
        $this->plannedPair();
        $this->plannedPair();
        $bench = $this->must(BenchView::class, 'GET', '/api/bench');
        self::assertSame('Tomas', $bench->tapes[0]->name, 'one’s own comes first');
        self::assertGreaterThan(1, \count($bench->tapes));
        $steps = [];
        foreach ($bench->tapes as $tape) {
            $end = $bench->now;
            foreach ([...$tape->today, ...$tape->tomorrow] as $block) {
                self::assertGreaterThanOrEqual(strtotime($end), strtotime($block->start), $tape->name.': '.$block->title);
                $end = $block->end;
                $steps[] = $block->step;
            }
        }
        self::assertSame(array_unique($steps), $steps, 'no step stands on two tapes');
        self::assertNotSame([], $bench->tapes[1]->today);
    }

    public function testTwentyFiveMinutesAreAnsweredWithWhatFits(): void
    {
        $this->plannedPair();
        $this->plannedPair();
        $fit = $this->must(FreeMinutesView::class, 'GET', '/api/bench/fit?minutes=25');
        self::assertNotSame([], $fit->blocks);
        $now = strtotime($this->must(BenchView::class, 'GET', '/api/bench')->now);
        $end = $now;
        foreach ($fit->blocks as $block) {
            self::assertGreaterThanOrEqual($end, strtotime($block->start));
            $end = strtotime($block->end);
        }
        self::assertLessThanOrEqual($now + 25 * 60, $end);
        foreach (['soon', '9000', '1'] as $minutes) {
            self::assertStringContainsString('cannot be', $this->refused(422, 'GET', '/api/bench/fit?minutes='.$minutes)->detail);
        }
    }

    public function testASearchInTheBackgroundNeverMovesWhatIsUnderWayAndGivesWayToWhoeverActsMeanwhile(): void
    {
        $this->plannedPair();
        $this->plannedPair();
        $this->plannedPair();
        $call = $this->workUntil('Brush the dust');
        $this->must(BenchView::class, 'POST', "/api/steps/{$call->step->id}/start", ['version' => $call->step->version]);
        $this->clock->sleep(300);
        $rounds = 40;
        self::assertTrue($this->reschedule()->improve(static function () use (&$rounds): bool {
            return --$rounds > 0;
        }));
        $tape = $this->must(BenchView::class, 'GET', '/api/bench')->tapes[0]->today;
        $running = self::firstOf($tape, static fn (BlockView $b): bool => !$b->done);
        self::assertSame($call->step->id, $running->step);
        self::assertFalse($this->reschedule()->improve(static fn (): bool => true), 'it has looked at this bench already');

        // What stands there now is not what a search would find.
        $this->connection()->executeStatement("UPDATE timetable SET ends = '[]', changes = 77");
        $before = $this->timetable();
        $acted = false;
        $this->reschedule()->improve(function () use (&$acted): bool {
            // Somebody asks while the search goes on.
            if (!$acted) {
                $this->connection()->executeStatement('UPDATE timetable SET asked = asked + 1');
            }
            $acted = true;

            return false;
        }, true);
        self::assertEquals($before, $this->timetable(), 'an answer of yesterday is thrown away');
        $this->reschedule()->improve(static fn (): bool => false, true);
        self::assertNotEquals($before, $this->timetable(), 'one of today is taken');
    }

    public function testWhatCannotHoldItsPromiseIsSaidWithTheDayItWouldBeDone(): void
    {
        $this->plannedPair('2026-03-02T12:00');
        $late = $this->must(BenchView::class, 'GET', '/api/bench')->late;
        self::assertCount(1, $late);
        self::assertSame('2026-03-02T11:00:00Z', $late[0]->promisedAt);
        self::assertGreaterThan(strtotime($late[0]->promisedAt), strtotime((string) $late[0]->endsAt));
    }

    public function testWhatDriesIsAThreadUntilItIsReadyForTheNext(): void
    {
        $this->plannedPair();
        $this->doCall($this->workUntil('Wipe'));
        $threads = $this->must(BenchView::class, 'GET', '/api/bench')->threads;
        self::assertCount(1, $threads);
        self::assertSame('Wipe with a barely damp cloth', $threads[0]->title);
        self::assertSame(12 * 60, (int) strtotime($threads[0]->end) - (int) strtotime($threads[0]->start));
        $this->clock->sleep(13 * 60);
        self::assertSame([], $this->must(BenchView::class, 'GET', '/api/bench')->threads);
    }

    public function testTheTapeBeginsAtEightAndReachesBeyondWhoWorksLate(): void
    {
        $bench = $this->must(BenchView::class, 'GET', '/api/bench');
        self::assertSame(['2026-03-02T07:00:00Z', '2026-03-02T18:00:00Z'], [$bench->dayFrom, $bench->dayUntil], 'eight to seven in Vienna');
        $this->clock->modify('2026-03-02T20:40:00+00:00');
        $late = $this->must(BenchView::class, 'GET', '/api/bench');
        self::assertGreaterThan(strtotime($late->now), strtotime($late->dayUntil));
        $this->clock->modify('2026-03-03T04:30:00+00:00');
        $early = $this->must(BenchView::class, 'GET', '/api/bench');
        self::assertLessThanOrEqual(strtotime($early->now), strtotime($early->dayFrom));
    }

    public function testTheTapeIsOnesOwnAndTheLedgerIsEverybodys(): void
    {
        $id = $this->plannedPair();
        $this->doCall($this->nextCall());
        $this->signIn('nell');
        $mine = array_filter($this->must(BenchView::class, 'GET', '/api/bench')->tapes[0]->today, static fn (BlockView $b): bool => $b->done);
        self::assertSame([], $mine);
        $this->doCall($this->nextCall());
        $ledger = $this->must(LedgerView::class, 'GET', "/api/ledger/$id");
        $done = array_values(array_filter($ledger->entries, static fn ($e): bool => Event::Done === $e->event));
        self::assertSame(['Nell', 'Tomas'], array_map(static fn ($e): string => $e->person, $done), 'the newest first');
        self::assertSame([2, 3], [$done[1]->realMinutes, $done[0]->realMinutes]);
        self::assertSame($ledger->plannedMinutes, (float) $ledger->realMinutes);
        self::assertSame($id, $this->must(LedgerView::class, 'GET', '/api/ledger')->piece, 'without a name it opens at what was touched last');
        self::assertSame([], $this->must(LedgerView::class, 'GET', '/api/ledger/999999')->entries);
    }

    public function testAWindowAboutToCloseIsCalledBeforeEverythingThatCanWait(): void
    {
        $this->plannedPair();
        $bench = $this->dressed($this->masked());
        self::assertSame(
            ['Pull the tape', Urgency::Closing],
            [$bench->calls[0]->step->title, $bench->calls[0]->urgency],
            'though the other pair is due two months sooner',
        );
        self::assertNotNull($bench->calls[0]->closesAt);
    }

    public function testTapeThatNobodyPulledInTimeIsPulledAllTheSameByTheDemosPeople(): void
    {
        $id = $this->masked();
        $tape = $this->dressed($id)->calls[0];
        $this->clock->sleep(24 * 3600);
        // Whether the coat under it is dry is not left to chance here.
        $this->doCall($this->nextCall());
        $missed = self::firstOf(
            $this->must(BenchView::class, 'GET', '/api/bench')->calls,
            static fn (CallView $c): bool => Urgency::Missed === $c->urgency,
        );
        self::assertSame([$tape->step->id, null], [$missed->step->id, $missed->again], 'there is nothing that could be done again for it');
        $day = function (string $login) use ($id): array {
            $until = $this->clock->now()->modify('+1 day');
            self::getContainer()->get(DemoHands::class)
                ->stretch([$login], $this->clock, $this->clock->now(), $until, $until, static fn (\DateTimeImmutable $at): null => null);

            return $this->must(LedgerView::class, 'GET', "/api/ledger/$id")->entries;
        };
        $overridden = static fn (EntryView $e): bool => Event::Overridden === $e->event && str_contains($e->text, 'with more care');
        self::assertSame([], array_filter($day('wren'), $overridden), 'who learns leaves it to who may');
        $lines = $day('tomas');
        $why = self::firstOf($lines, $overridden);
        self::assertSame('Tomas', $why->person);
        self::assertNotSame([], array_filter($lines, static fn ($e): bool => Event::Done === $e->event && str_contains($e->text, 'Pull the tape')));
    }

    /** A pair, due long after all others, whose plan masks something. */
    private function masked(): int
    {
        $ticket = $this->must(
            TicketView::class,
            'POST',
            '/api/tickets',
            ['promisedAt' => '2026-05-06T18:00'] + $this->ticketBody('low-shoe/derby', 'restore'),
            201,
        );
        $id = $ticket->pieces[0]->id;
        $piece = $this->must(PieceView::class, 'POST', "/api/pieces/$id/findings", self::found(1, [
            'part' => 'toe', 'half' => 'left', 'kind' => 'faded', 'severity' => 3,
        ]));
        $this->must(PlanView::class, 'POST', "/api/pieces/$id/plan", ['version' => $piece->version]);

        return $id;
    }

    /** The bench as its last coat has just been laid over the tape. */
    private function dressed(int $id): BenchView
    {
        $dressing = $this->workOn($id, 'Lay the resin finish, coat 2');
        $bench = $this->must(BenchView::class, 'POST', "/api/steps/{$dressing->step->id}/start", ['version' => $dressing->step->version]);
        $this->clock->sleep(180);

        return $this->must(BenchView::class, 'POST', "/api/steps/{$dressing->step->id}/done", ['version' => $bench->calls[0]->step->version]);
    }

    /** Works on one piece until a step with this title calls. */
    private function workOn(int $piece, string $title): CallView
    {
        for ($i = 0; $i < 300; ++$i) {
            $calls = array_values(array_filter($this->must(BenchView::class, 'GET', '/api/bench')->calls, static fn ($c): bool => $c->step->piece === $piece));
            if ([] === $calls) {
                $this->clock->sleep(300);
            } elseif (Urgency::Test !== $calls[0]->urgency && str_starts_with($calls[0]->step->title, $title)) {
                return $calls[0];
            } else {
                $this->doCall($calls[0]);
            }
        }
        self::fail('There was never a step “'.$title.'”.');
    }

    private function timetable(): CurrentTimetable
    {
        return self::getContainer()->get(TimetableStore::class)->read();
    }

    private function reschedule(): Reschedule
    {
        return self::getContainer()->get(Reschedule::class);
    }
}

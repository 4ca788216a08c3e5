<?php

declare(strict_types=1);

namespace KindHeel\Tests\App;

use KindHeel\App\Bench\BenchView;
use KindHeel\App\Counter\LeavingView;
use KindHeel\App\Counter\TicketsView;
use KindHeel\App\Counter\TicketView;
use KindHeel\App\Database\Row;
use KindHeel\App\Job\PieceProgress;
use KindHeel\App\Ledger\Event;
use KindHeel\App\Ledger\LedgerView;
use KindHeel\App\Piece\PieceView;

/** What is done waits on the ready shelf; that somebody has it again is an act of its own. */
final class CollectTest extends ApiTestCase
{
    public function testAPairIsReadyIsToldOfAndIsCollected(): void
    {
        $this->signIn();
        $id = $this->plannedPair();
        $this->doCall($this->workUntil('Look at the pair'));
        self::assertSame(PieceProgress::Ready, $this->must(PieceView::class, 'GET', "/api/pieces/$id")->state);
        self::assertSame([], $this->must(BenchView::class, 'GET', '/api/bench')->rack, 'the bench asks nothing more of it');
        $ticket = $this->listed()[0] ?? self::fail('It is still here.');
        self::assertSame([PieceProgress::Ready, null], [$ticket->pieces[0]->state, $ticket->toldAt]);
        self::assertNotNull($ticket->pieces[0]->readyAt);

        $leaving = $this->must(LeavingView::class, 'PUT', "/api/pieces/$id/shelf", ['shelf' => ' B 2 ']);
        self::assertSame('B 2', $leaving->ticket->pieces[0]->shelf);
        $leaving = $this->must(LeavingView::class, 'POST', "/api/tickets/$ticket->id/told", ['how' => 'rang, she comes on Friday']);
        self::assertNotNull($leaving->ticket->toldAt);
        self::assertSame([$id], array_map(static fn ($p): int => $p->piece, $leaving->pieces));

        $this->signIn('wren');
        $going = ['pieces' => [$id], 'by' => 'Her sister', 'paid' => 'now', 'amountCents' => 6450, 'how' => 'cash', 'note' => 'Laces in the box.'];
        $left = $this->must(LeavingView::class, 'POST', "/api/tickets/$ticket->id/collect", $going);
        self::assertSame([[], PieceProgress::Collected], [$left->pieces, $left->ticket->pieces[0]->state]);
        self::assertSame([], $this->listed(), 'what is away leaves the list');
        self::assertSame([$ticket->id], array_map(static fn (TicketView $t): int => $t->id, $this->listed('?find=lamplighter')));
        $entries = $this->must(LedgerView::class, 'GET', "/api/ledger/$id")->entries;
        self::assertSame(
            ['Collected by Her sister; paid 64.50, cash. Laces in the box.', 'The owner knows that it is ready: rang, she comes on Friday'],
            array_map(static fn ($e): string => $e->text, array_values(array_filter(
                $entries,
                static fn ($e): bool => \in_array($e->event, [Event::Collected, Event::Told], true),
            ))),
        );
        $twice = $this->refused(409, 'POST', "/api/tickets/$ticket->id/collect", $going);
        self::assertSame('“The lamplighter’s shoes” has been collected already.', $twice->detail);
        self::assertSame(1, $this->rows('collection'));
    }

    public function testWhatIsNotDoneGoesOnlyWithAReasonAndThenAsksNothingMoreOfTheBench(): void
    {
        $this->signIn();
        $id = $this->plannedPair();
        $ticket = $this->listed()[0]->id;
        $leaving = $this->must(LeavingView::class, 'GET', "/api/tickets/$ticket/leaving");
        self::assertContains('It is not done yet.', $leaving->pieces[0]->missing);
        $going = ['pieces' => [$id], 'by' => 'The owner', 'paid' => 'nothing'];
        self::assertTrue($this->refused(409, 'POST', "/api/tickets/$ticket/collect", $going)->overridable);
        $this->signIn('wren');
        self::assertFalse($this->refused(409, 'POST', "/api/tickets/$ticket/collect", $going)->overridable);
        $this->refused(403, 'POST', "/api/tickets/$ticket/collect", ['why' => 'she wants them'] + $going);
        $this->signIn();
        $step = $this->workUntil('Take the laces')->step;
        $this->must(BenchView::class, 'POST', "/api/steps/{$step->id}/start", ['version' => $step->version]);
        $this->must(LeavingView::class, 'POST', "/api/tickets/$ticket/collect", ['why' => 'called off'] + $going);
        // Whoever was at it is free for another.
        $this->plannedPair();
        $other = $this->must(BenchView::class, 'GET', '/api/bench')->calls[0]->step;
        $this->must(BenchView::class, 'POST', "/api/steps/{$other->id}/start", ['version' => $other->version]);
        $this->must(BenchView::class, 'POST', "/api/steps/{$other->id}/put-down", ['version' => $other->version + 1]);
        self::assertSame(PieceProgress::Collected, $this->must(PieceView::class, 'GET', "/api/pieces/$id")->state);
        self::assertNotContains($id, array_map(static fn ($p): int => $p->piece, $this->must(BenchView::class, 'GET', '/api/bench')->rack));
        self::assertStringContainsString('All the same: called off', $this->must(LedgerView::class, 'GET', "/api/ledger/$id")->entries[0]->text);
        self::assertGreaterThan(0, Row::first($this->connection(), 'SELECT COUNT(*) AS n FROM plan_step WHERE status = \'open\'')?->int('n'));
    }

    public function testWhatCannotBeIsSaidAndNothingLeaves(): void
    {
        $this->signIn();
        $id = $this->plannedPair();
        $other = $this->plannedPair();
        $ticket = $this->listed()[0]->id;
        foreach ([
            ['pieces' => []], ['by' => ' '], ['by' => str_repeat('x', 121)], ['paid' => 'perhaps'], ['amountCents' => -1], ['note' => str_repeat('n', 401)],
        ] as $wrong) {
            $this->refused(422, 'POST', "/api/tickets/$ticket/collect", $wrong + ['pieces' => [$id], 'by' => 'She', 'paid' => 'now']);
        }
        $this->refused(409, 'POST', "/api/tickets/$ticket/collect", ['pieces' => [$id, $other], 'by' => 'She', 'paid' => 'now', 'why' => 'all of it']);
        $this->refused(422, 'POST', "/api/tickets/$ticket/told", ['how' => ' ']);
        $this->refused(422, 'PUT', "/api/pieces/$id/shelf", ['shelf' => str_repeat('x', 41)]);
        $this->refused(404, 'POST', '/api/tickets/999999/collect', ['pieces' => [$id], 'by' => 'She', 'paid' => 'now']);
        self::assertSame(0, $this->rows('collection'));
        self::assertCount(2, $this->listed());
    }

    /** @return list<TicketView> */
    private function listed(string $query = ''): array
    {
        return $this->must(TicketsView::class, 'GET', '/api/tickets'.$query)->tickets;
    }
}

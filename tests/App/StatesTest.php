<?php

declare(strict_types=1);

namespace KindHeel\Tests\App;

use KindHeel\App\Bench\BenchView;
use KindHeel\App\Counter\TicketsView;
use KindHeel\App\Counter\TicketView;
use KindHeel\App\Database\Row;
use KindHeel\App\Job\PieceProgress;
use KindHeel\App\Ledger\LedgerView;
use KindHeel\App\Piece\PieceView;
use KindHeel\App\Plan\PlanView;

/** How tickets, pieces and plans stand, and where they are shown. */
final class StatesTest extends ApiTestCase
{
    public function testATicketIsListedBeforeOneThatIsPromisedLaterAndAfterNoneThatIsDone(): void
    {
        $this->signIn();
        $late = $this->must(TicketView::class, 'POST', '/api/tickets', ['promisedAt' => '2026-03-20T18:00'] + $this->ticketBody(), 201);
        $soon = $this->must(TicketView::class, 'POST', '/api/tickets', ['promisedAt' => '2026-03-04T18:00'] + $this->ticketBody(), 201);
        $done = $this->must(TicketView::class, 'POST', '/api/tickets', ['promisedAt' => '2026-03-03T18:00'] + $this->ticketBody(), 201);
        $this->connection()->executeStatement('UPDATE piece SET finished_at = ? WHERE id = ?', ['2026-03-02 10:00:00', $done->pieces[0]->id]);
        $listed = $this->must(TicketsView::class, 'GET', '/api/tickets')->tickets;
        self::assertSame([$soon->id, $late->id, $done->id], array_map(static fn ($t): int => $t->id, $listed));
        self::assertSame(PieceProgress::Ready, $listed[2]->pieces[0]->state);
        self::assertSame(30, array_sum(array_map(static fn ($c): int => \count($c->parts), $listed[0]->pieces[0]->colours)));
    }

    public function testAnEmptyWorkshopIsNoFault(): void
    {
        $this->signIn();
        self::assertSame([], $this->must(TicketsView::class, 'GET', '/api/tickets')->tickets);
        $bench = $this->must(BenchView::class, 'GET', '/api/bench');
        self::assertSame([[], [], []], [$bench->calls, $bench->rack, $bench->threads]);
        $ledger = $this->must(LedgerView::class, 'GET', '/api/ledger');
        self::assertSame([null, []], [$ledger->piece, $ledger->entries]);
    }

    public function testABrittlePairIsReferredAndStandsOnNoRack(): void
    {
        $this->signIn();
        $id = $this->must(TicketView::class, 'POST', '/api/tickets', $this->ticketBody(), 201)->pieces[0]->id;
        $piece = $this->must(PieceView::class, 'PUT', "/api/pieces/$id/parts", [
            'version' => 1,
            'places' => [['part' => 'vamp', 'half' => 'left']],
            'dryness' => 'brittle',
        ]);
        $plan = $this->must(PlanView::class, 'POST', "/api/pieces/$id/plan", ['version' => $piece->version]);
        self::assertSame([[], PieceProgress::Referred, 'J-6'], [$plan->steps, $plan->state, $plan->referrals[0]->rule]);
        self::assertSame([], $this->must(BenchView::class, 'GET', '/api/bench')->rack);
        self::assertStringContainsString(
            'No treatment',
            Row::first($this->connection(), 'SELECT text FROM ledger_entry WHERE event = \'planned\'')?->text('text') ?? '',
        );
    }

    public function testAPlanFollowsWhatIsSeenLaterUntilWorkBegins(): void
    {
        $this->signIn();
        $id = $this->plannedPair();
        $before = $this->must(PlanView::class, 'GET', "/api/pieces/$id/plan");
        self::assertFalse($before->stale);
        $piece = $this->must(PieceView::class, 'POST', "/api/pieces/$id/findings", self::found($before->version, [
            'part' => 'heel-stack',
            'half' => 'left',
            'kind' => 'stack-dry',
            'severity' => 3,
        ]));
        self::assertSame(PieceProgress::ToPlan, $piece->state);
        self::assertTrue($this->must(PlanView::class, 'GET', "/api/pieces/$id/plan")->stale);
        $after = $this->must(PlanView::class, 'POST', "/api/pieces/$id/plan", ['version' => $piece->version]);
        self::assertFalse($after->stale);
        self::assertGreaterThan(\count($before->steps), \count($after->steps));
        self::assertContains('Sand the edge', array_map(static fn ($s): string => $s->title, $after->steps));
    }
}

<?php

declare(strict_types=1);

namespace KindHeel\Tests\App;

use KindHeel\App\Counter\TicketView;
use KindHeel\App\Ledger\Event;
use KindHeel\App\Ledger\LedgerView;
use KindHeel\App\Plan\PlanView;

/** What was written down wrongly is put right, and nothing of it is lost. */
final class CorrectTicketTest extends ApiTestCase
{
    public function testOwnerWishNameAndSizeArePutRightAndTheLedgerSaysWhatTheyWere(): void
    {
        $this->signIn();
        $id = $this->plannedPair();
        $ticket = $this->ticket();
        $amount = $this->amount($id);
        $fixed = $this->must(TicketView::class, 'PUT', "/api/tickets/$ticket->id", [
            'seen' => $ticket->seen, 'customer' => ' Orsolya Kern ', 'contact' => 'at the box office', 'wish' => $ticket->wish,
            'pieces' => [['id' => $id, 'name' => 'The lighter’s shoes', 'sizeEu' => 46]],
        ]);
        self::assertSame(['Orsolya Kern', 'at the box office', 'The lighter’s shoes', 46.0], [
            $fixed->customer, $fixed->contact, $fixed->pieces[0]->name, $fixed->pieces[0]->sizeEu,
        ]);
        $entry = self::firstOf($this->must(LedgerView::class, 'GET', "/api/ledger/$id")->entries, static fn ($e): bool => Event::Corrected === $e->event);
        foreach (["owner was “{$ticket->customer}”, is “Orsolya Kern”", 'name was “The lamplighter’s shoes”', 'size was “42”, is “46”'] as $said) {
            self::assertStringContainsString($said, $entry->text);
        }
        $plan = $this->must(PlanView::class, 'GET', "/api/pieces/$id/plan");
        self::assertTrue($plan->stale, 'a larger shoe takes more');
        $piece = $this->connection()->fetchOne('SELECT version FROM piece WHERE id = ?', [$id]);
        $this->must(PlanView::class, 'POST', "/api/pieces/$id/plan", ['version' => $piece]);
        self::assertGreaterThan($amount, $this->amount($id));
    }

    public function testWhatContradictsTheWorkOrSomebodyElseIsRefusedAndNothingChanges(): void
    {
        $this->signIn();
        $id = $this->plannedPair();
        $ticket = $this->ticket();
        $body = ['seen' => $ticket->seen, 'customer' => 'Orsolya', 'contact' => '', 'wish' => ''];
        $this->must(TicketView::class, 'PUT', "/api/tickets/$ticket->id", $body);
        self::assertStringContainsString('meanwhile', $this->refused(409, 'PUT', "/api/tickets/$ticket->id", ['customer' => 'Zoë'] + $body)->detail);
        $body = ['seen' => $this->ticket()->seen] + $body;
        foreach ([['customer' => ' '], ['customer' => str_repeat('x', 121)], ['wish' => str_repeat('x', 1001)]] as $wrong) {
            $this->refused(422, 'PUT', "/api/tickets/$ticket->id", $wrong + $body);
        }
        foreach ([['sizeEu' => 5], ['name' => ''], ['lengthMm' => 300]] as $wrong) {
            $this->refused(422, 'PUT', "/api/tickets/$ticket->id", ['pieces' => [$wrong + ['id' => $id, 'name' => 'It']]] + $body);
        }
        $this->doCall($this->workUntil('Put the tree in'));
        $size = ['pieces' => [['id' => $id, 'name' => 'Renamed', 'sizeEu' => 44]]];
        self::assertStringContainsString('worked on as size 42', $this->refused(409, 'PUT', "/api/tickets/$ticket->id", $size + $body)->detail);
        self::assertSame('The lamplighter’s shoes', $this->ticket()->pieces[0]->name);
        $same = ['pieces' => [['id' => $id, 'name' => 'Renamed', 'sizeEu' => 42]]];
        self::assertSame('Renamed', $this->must(TicketView::class, 'PUT', "/api/tickets/$ticket->id", $same + $body)->pieces[0]->name);
    }

    private function ticket(): TicketView
    {
        $id = $this->connection()->fetchOne('SELECT MAX(id) FROM ticket');

        return $this->must(TicketView::class, 'GET', '/api/tickets/'.(\is_int($id) ? $id : 0));
    }

    /** What the first product of the plan takes. */
    private function amount(int $piece): float
    {
        $amount = $this->connection()->fetchOne('SELECT SUM(amount) FROM plan_step WHERE piece_id = ?', [$piece]);

        return is_numeric($amount) ? (float) $amount : 0.0;
    }
}

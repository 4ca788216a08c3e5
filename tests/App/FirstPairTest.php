<?php

declare(strict_types=1);

namespace KindHeel\Tests\App;

use KindHeel\App\Counter\TicketView;
use KindHeel\App\Job\PieceProgress;
use KindHeel\App\Piece\FirstPairView;

/** An empty workshop is led to its first finished pair. */
final class FirstPairTest extends ApiTestCase
{
    public function testItIsFollowedFromNothingToTheOwner(): void
    {
        $this->signIn('ida');
        $first = fn (): FirstPairView => $this->must(FirstPairView::class, 'GET', '/api/first-pair');
        self::assertNull($first()->progress, 'nothing is here yet');
        $ticket = $this->must(TicketView::class, 'POST', '/api/tickets', $this->ticketBody(), 201);
        self::assertSame(
            [PieceProgress::ToLookOver, $ticket->pieces[0]->id, $ticket->id, $ticket->pieces[0]->name],
            [$first()->progress, $first()->piece, $first()->ticket, $first()->name],
        );
        $second = $this->plannedPair();
        self::assertNotSame($second, $first()->piece, 'the first, whatever comes later');
        $this->connection()->update('piece', ['called_off' => 'not after all', 'finished_at' => '2026-03-02 10:00:00'], ['id' => $first()->piece]);
        self::assertSame([PieceProgress::Planned, $second], [$first()->progress, $first()->piece], 'what was called off leads nowhere');
        $this->doCall($this->nextCall());
        self::assertSame(PieceProgress::InWork, $first()->progress);
        $this->connection()->update('piece', ['finished_at' => '2026-03-02 10:00:00'], ['id' => $second]);
        self::assertSame(PieceProgress::Ready, $first()->progress);
        $this->connection()->update('piece', ['collected_at' => '2026-03-03 10:00:00'], ['id' => $second]);
        self::assertSame(PieceProgress::Collected, $first()->progress);
        $this->connection()->update('piece', ['collected_at' => null, 'finished_at' => null], ['id' => $second]);
        $third = $this->must(TicketView::class, 'POST', '/api/tickets', $this->ticketBody(), 201)->pieces[0]->id;
        $this->connection()->update('piece', ['finished_at' => '2026-03-02 10:00:00', 'collected_at' => '2026-03-03 10:00:00'], ['id' => $third]);
        self::assertSame([PieceProgress::Collected, $third], [$first()->progress, $first()->piece], 'whoever has handed one over knows the way');
        $few = $this->statements($first);
        $this->must(TicketView::class, 'POST', '/api/tickets', $this->ticketBody(), 201);
        self::assertSame($few, $this->statements($first), 'however many have followed');
    }
}

<?php

declare(strict_types=1);

namespace KindHeel\Tests\App;

use KindHeel\App\Bench\BenchView;
use KindHeel\App\Counter\TicketsView;
use KindHeel\App\Counter\TicketView;
use KindHeel\App\Ledger\Event;
use KindHeel\App\Ledger\LedgerView;
use KindHeel\App\Piece\PieceView;
use KindHeel\App\Plan\PlanView;
use KindHeel\App\Plan\StepView;

/** Words that somebody wants to keep. */
final class NotesTest extends ApiTestCase
{
    public function testANoteIsKeptOnThePieceThePartAndTheStepAndFound(): void
    {
        $this->signIn('wren');
        $id = $this->asIda(fn (): int => $this->plannedPair());
        $step = $this->plan($id)[3];
        $this->must(LedgerView::class, 'POST', "/api/pieces/$id/notes", ['text' => '  The owner rang: not before Friday. ']);
        $this->must(LedgerView::class, 'POST', "/api/pieces/$id/notes", ['text' => 'took less cream', 'part' => 'vamp', 'half' => 'left']);
        $ledger = $this->must(LedgerView::class, 'POST', "/api/pieces/$id/notes", ['text' => 'The nap lies left.', 'step' => $step->id]);
        $notes = array_values(array_filter($ledger->entries, static fn ($e): bool => Event::Noted === $e->event));
        self::assertSame(
            ['The nap lies left.', 'Left vamp: took less cream', 'The owner rang: not before Friday.'],
            array_map(static fn ($e): string => $e->text, $notes),
        );
        self::assertSame(['Wren: The nap lies left.'], $this->plan($id)[3]->notes);
        self::assertSame([], $this->plan($id)[4]->notes, 'on its own step alone');
        $ids = static fn (TicketView $t): array => array_map(static fn ($p): int => $p->id, $t->pieces);
        $found = static fn (TicketsView $t): array => array_map($ids, $t->tickets);
        self::assertContains([$id], $found($this->must(TicketsView::class, 'GET', '/api/tickets?find=less%20cream')));
        self::assertSame([], $found($this->must(TicketsView::class, 'GET', '/api/tickets?find=more%20cream')));
    }

    public function testANoteOnATicketIsOnAllThatIsOnIt(): void
    {
        $this->signIn();
        $id = $this->plannedPair();
        $ticket = $this->must(PieceView::class, 'GET', "/api/pieces/$id")->ticket;
        $this->must(LedgerView::class, 'POST', "/api/tickets/$ticket/notes", ['text' => 'Pays on Friday.']);
        self::assertSame('Pays on Friday.', $this->must(LedgerView::class, 'GET', "/api/ledger/$id")->entries[0]->text);
    }

    public function testWhatCannotBeWrittenIsSaidAndNothingKept(): void
    {
        $this->signIn();
        $id = $this->plannedPair();
        $other = $this->plan($this->plannedPair())[0];
        $before = \count($this->must(LedgerView::class, 'GET', "/api/ledger/$id")->entries);
        $this->refused(422, 'POST', "/api/pieces/$id/notes", ['text' => '   ']);
        $this->refused(422, 'POST', "/api/pieces/$id/notes", ['text' => str_repeat('a', 501)]);
        $this->refused(409, 'POST', "/api/pieces/$id/notes", ['text' => 'x', 'step' => $other->id]);
        $this->refused(409, 'POST', "/api/pieces/$id/notes", ['text' => 'x', 'part' => 'flap', 'half' => 'whole']);
        $this->refused(404, 'POST', '/api/pieces/999999/notes', ['text' => 'x']);
        self::assertCount($before, $this->must(LedgerView::class, 'GET', "/api/ledger/$id")->entries);
    }

    public function testWhoHandsOnLeavesWhatWasInTheirHead(): void
    {
        $this->signIn();
        $id = $this->plannedPair();
        $call = $this->workUntil('Wipe');
        $begun = $this->must(BenchView::class, 'POST', "/api/steps/{$call->step->id}/start", ['version' => $call->step->version])->calls[0]->step;
        $wren = self::firstOf($this->must(BenchView::class, 'GET', '/api/bench')->tapes, static fn ($t): bool => str_starts_with($t->name, 'Wren'));
        $this->must(BenchView::class, 'POST', "/api/steps/{$begun->id}/hand-on", [
            'version' => $begun->version, 'person' => $wren->person, 'note' => 'Left is done, the right toe is not.',
        ]);
        $this->signIn('wren');
        $hand = $this->must(BenchView::class, 'GET', '/api/bench')->calls[0]->step;
        self::assertSame($begun->id, $hand->id);
        self::assertStringContainsString('Left is done, the right toe is not.', $hand->notes[0] ?? '');
        self::assertNotSame(0, $id);
    }

    /** @return list<StepView> */
    private function plan(int $id): array
    {
        return $this->must(PlanView::class, 'GET', "/api/pieces/$id/plan")->steps;
    }

    /**
     * @template T
     *
     * @param \Closure(): T $act
     *
     * @return T
     */
    private function asIda(\Closure $act): mixed
    {
        $this->signIn();
        $done = $act();
        $this->signIn('wren');

        return $done;
    }
}

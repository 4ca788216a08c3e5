<?php

declare(strict_types=1);

namespace KindHeel\Tests\App;

use KindHeel\App\Bench\BenchView;
use KindHeel\App\Counter\LeavingView;
use KindHeel\App\Counter\TicketsView;
use KindHeel\App\Counter\TicketView;
use KindHeel\App\Job\PieceProgress;
use KindHeel\App\Ledger\EntryView;
use KindHeel\App\Ledger\Event;
use KindHeel\App\Ledger\LedgerView;
use KindHeel\App\Piece\PartView;
use KindHeel\App\Piece\PieceView;
use KindHeel\App\Plan\PlanView;
use KindHeel\App\Promise\PromiseView;
use KindHeel\App\Security\SessionView;
use KindHeel\Core\Anatomy\Kind;
use KindHeel\Core\Anatomy\PartName;
use KindHeel\Core\Colour\Shade;
use PHPUnit\Framework\Attributes\TestWith;

/** Nothing is for ever: what was written down, called off or handed over by mistake is put right, and the ledger keeps both lines. */
final class PutRightTest extends ApiTestCase
{
    public function testAnotherKindAndColourKeepWhatIsKnownOfThePartsThatBothHave(): void
    {
        $this->signIn();
        $id = $this->plannedPair();
        $ticket = $this->ticketOf($id);
        $before = $this->piece($id);
        $fixed = $this->correct($ticket, ['id' => $id, 'name' => 'The lamplighter’s shoes', 'kind' => 'low-shoe/loafer', 'sizeEu' => 42, 'shade' => 'navy']);
        self::assertSame([Kind::Loafer, PieceProgress::ToPlan], [$fixed->pieces[0]->kind, $fixed->pieces[0]->state]);
        $piece = $this->piece($id);
        self::assertNotContains('laces', self::names($piece), 'a loafer has none');
        self::assertSame(\count($before->findings), \count($piece->findings));
        self::assertSame(['navy'], array_values(array_unique(array_map(static fn (PartView $p): string => $p->shade->value, $piece->parts))));
        self::assertSame([], $this->must(PlanView::class, 'GET', "/api/pieces/$id/plan")->steps, 'the plan was for a derby');
        self::assertStringContainsString('kind was “derby”, is “loafer”; colour was “'.Shade::Chestnut->label().'”', $this->said($id, Event::Corrected));
        $this->must(PlanView::class, 'POST', "/api/pieces/$id/plan", ['version' => $piece->version]);
        $titles = array_map(static fn ($s): string => $s->title, $this->must(PlanView::class, 'GET', "/api/pieces/$id/plan")->steps);
        self::assertSame([], preg_grep('/laces/', $titles));
    }

    public function testAKindThatLacksWhatWasFoundOrThatWasWorkedIsRefusedAndNothingChanges(): void
    {
        $this->signIn();
        $id = $this->plannedPair();
        $piece = $this->must(PieceView::class, 'POST', "/api/pieces/$id/findings", self::found($this->piece($id)->version, [
            'part' => 'facing', 'half' => 'left', 'kind' => 'scuff', 'severity' => 1,
        ]));
        $bag = ['id' => $id, 'name' => 'It', 'kind' => 'low-shoe/loafer', 'sizeEu' => 42];
        self::assertStringContainsString('Take that away first', $this->refusedCorrection(422, $id, $bag)->detail);
        $found = self::firstOf($piece->findings, static fn ($f): bool => 'facing' === $f->part->value);
        $this->must(PieceView::class, 'DELETE', "/api/pieces/$id/findings/$found->id", ['version' => $piece->version]);
        $this->must(PlanView::class, 'POST', "/api/pieces/$id/plan", ['version' => $this->piece($id)->version]);
        $this->doCall($this->workUntil('Put the tree in'));
        self::assertStringContainsString('worked on as a derby', $this->refusedCorrection(409, $id, $bag)->detail);
        self::assertSame(['The lamplighter’s shoes', Kind::Derby], [$this->piece($id)->name, $this->piece($id)->kind]);
    }

    public function testACorrectionIsCheckedLikeTheFirstEntry(): void
    {
        $this->signIn();
        $piece = $this->takenIn('low-shoe/derby');
        $agreed = ['version' => $piece->version, 'aim' => 'freshen', 'gloss' => 'mirror', 'patina' => 'keep'];
        $this->must(PieceView::class, 'PUT', "/api/pieces/$piece->id/agreement", $agreed);
        $skate = ['id' => $piece->id, 'name' => 'It', 'kind' => 'trainer/skate', 'sizeEu' => 42];
        self::assertStringContainsString('cannot be brought to a mirror shine', $this->refusedCorrection(422, $piece->id, $skate)->detail);
        $now = $this->piece($piece->id);
        self::assertSame([Kind::Derby, PieceProgress::ToPlan], [$now->kind, $now->state]);
        // What was found on a long shoe is not found on a short one.
        $this->must(PieceView::class, 'POST', "/api/pieces/$piece->id/findings", self::found($now->version, [
            'part' => 'vamp', 'half' => 'left', 'kind' => 'scratch', 'severity' => 2, 'lengthMm' => 260, 'widthMm' => 2,
        ]));
        $small = ['id' => $piece->id, 'name' => 'It', 'sizeEu' => 20];
        self::assertStringContainsString('cannot be longer', $this->refusedCorrection(422, $piece->id, $small)->detail);
        self::assertSame(42.0, $this->piece($piece->id)->sizeEu);
    }

    public function testTwoTabletsThatCorrectTheSameNameLoseNothing(): void
    {
        $this->signIn();
        $id = $this->plannedPair();
        $seen = $this->ticketOf($id);
        $this->correct($seen, ['id' => $id, 'name' => 'The Captain’s shoes', 'sizeEu' => 42]);
        $body = ['seen' => $seen->seen, 'customer' => $seen->customer, 'pieces' => [['id' => $id, 'name' => 'The mate’s shoes', 'sizeEu' => 42]]];
        self::assertStringContainsString('meanwhile', $this->refused(409, 'PUT', "/api/tickets/$seen->id", $body)->detail);
        self::assertSame('The Captain’s shoes', $this->piece($id)->name);
    }

    public function testAPartThatItLacksIsStruckAndOneThatItHasBesideOthersIsAdded(): void
    {
        $this->signIn();
        $piece = $this->takenIn('boot/lace');
        self::assertContains('false-tongue', self::names($piece));
        $both = static fn (string $part): array => [['part' => $part, 'half' => 'left'], ['part' => $part, 'half' => 'right']];
        $piece = $this->must(PieceView::class, 'PUT', "/api/pieces/$piece->id/has", [
            'version' => $piece->version, 'places' => $both('false-tongue'), 'has' => false,
        ]);
        self::assertNotContains('false-tongue', self::names($piece));
        self::assertStringStartsWith('It has not: left false tongue and right false tongue', $this->said($piece->id, Event::Corrected));
        $gone = ['version' => $piece->version, 'places' => $both('false-tongue'), 'material' => 'aniline'];
        $this->refused(422, 'PUT', "/api/pieces/$piece->id/parts", $gone);
        // A lace boot has no gusset; this one has, and it is marked and planned like any part.
        $piece = $this->must(PieceView::class, 'PUT', "/api/pieces/$piece->id/has", ['version' => $piece->version, 'places' => $both('gusset'), 'has' => true]);
        self::assertContains('gusset', self::names($piece));
        $piece = $this->must(PieceView::class, 'POST', "/api/pieces/$piece->id/findings", self::found($piece->version, [
            'part' => 'gusset', 'half' => 'left', 'kind' => 'dust', 'severity' => 1,
        ]));
        $this->must(PlanView::class, 'POST', "/api/pieces/$piece->id/plan", ['version' => $piece->version]);
        $steps = $this->must(PlanView::class, 'GET', "/api/pieces/$piece->id/plan")->steps;
        self::assertNotSame([], array_filter($steps, static fn ($s): bool => \in_array(PartName::Gusset, $s->parts, true)));
        // What was found on a part says that there is one.
        $asked = ['version' => $this->piece($piece->id)->version, 'places' => $both('gusset'), 'has' => false];
        self::assertStringContainsString('so it has one', $this->refused(422, 'PUT', "/api/pieces/$piece->id/has", $asked)->detail);
        $asked = ['version' => $this->piece($piece->id)->version, 'places' => $both('strap'), 'has' => true];
        $this->refused(422, 'PUT', "/api/pieces/$piece->id/has", $asked);
        $outer = array_map(static fn (PartView $p): array => ['part' => $p->part->value, 'half' => $p->half->value], $piece->parts);
        $all = ['version' => $this->piece($piece->id)->version, 'places' => $outer, 'has' => false];
        $this->refused(422, 'PUT', "/api/pieces/$piece->id/has", $all);
    }

    public function testAPartThatWasWorkedOnIsNotStruck(): void
    {
        $this->signIn();
        $id = $this->plannedPair();
        $this->doCall($this->workUntil('Brush the dust off'));
        $asked = ['version' => $this->piece($id)->version, 'places' => [['part' => 'quarter', 'half' => 'right']], 'has' => false];
        self::assertStringContainsString('was worked on (Brush the dust off', $this->refused(422, 'PUT', "/api/pieces/$id/has", $asked)->detail);
        self::assertContains('quarter', self::names($this->piece($id)));
    }

    public function testAPastPieceIsCopiedWithWhatItLacks(): void
    {
        $this->signIn();
        $past = $this->takenIn('boot/lace');
        $this->must(PieceView::class, 'PUT', "/api/pieces/$past->id/has", [
            'version' => $past->version, 'places' => [['part' => 'hooks', 'half' => 'left'], ['part' => 'hooks', 'half' => 'right']], 'has' => false,
        ]);
        $piece = $this->takenIn('boot/lace');
        $piece = $this->must(PieceView::class, 'POST', "/api/pieces/$piece->id/copy", ['version' => $piece->version, 'from' => $past->id]);
        self::assertNotContains('hooks', self::names($piece));
    }

    public function testAPieceIsAddedToATicketThatIsHereAndPlannedAtOnce(): void
    {
        $this->signIn();
        $id = $this->plannedPair();
        $ticket = $this->ticketOf($id);
        $job = $this->connection()->fetchOne("SELECT id FROM usual_job WHERE name = 'Polish'");
        $more = $this->must(TicketView::class, 'POST', "/api/tickets/$ticket->id/pieces", [
            'piece' => ['name' => 'Her boots', 'kind' => 'boot/ankle', 'aim' => 'freshen', 'gloss' => 'glow'], 'with' => ['job' => $job],
        ], 201);
        self::assertSame(['The lamplighter’s shoes', 'Her boots'], array_map(static fn ($p): string => $p->name, $more->pieces));
        self::assertTrue($more->pieces[1]->hasPlan);
        self::assertContains($more->pieces[1]->id, array_map(static fn ($p): int => $p->piece, $this->must(BenchView::class, 'GET', '/api/bench')->rack));
        $this->callOff($more->id, array_map(static fn ($p): int => $p->id, $more->pieces));
        self::assertStringContainsString('Open a new one', $this->refused(409, 'POST', "/api/tickets/$ticket->id/pieces", ['piece' => self::PIECE])->detail);
        $this->refused(422, 'POST', "/api/tickets/$ticket->id/pieces", ['piece' => ['name' => ' '] + self::PIECE]);
    }

    public function testATicketIsCalledOffWithWhatBecameOfItAndGoesOnAfterAll(): void
    {
        $this->signIn();
        $id = $this->plannedPair();
        $ticket = $this->ticketOf($id);
        $this->doCall($this->workUntil('Take the laces'));
        $step = $this->must(BenchView::class, 'GET', '/api/bench')->calls[0]->step;
        $this->must(BenchView::class, 'POST', "/api/steps/{$step->id}/start", ['version' => $step->version]);
        $off = $this->callOff($ticket->id, [$id]);
        self::assertSame(PieceProgress::CalledOff, $off->pieces[0]->state);
        self::assertSame('Called off: it was given back as it is. She bought new ones.', $this->said($id, Event::CalledOff));
        self::assertSame([], $this->must(BenchView::class, 'GET', '/api/bench')->rack);
        self::assertSame([], $this->must(TicketsView::class, 'GET', '/api/tickets')->tickets, 'it leaves the counter');
        self::assertCount(1, $this->must(TicketsView::class, 'GET', '/api/tickets?state=called-off')->tickets);
        self::assertCount(0, $this->must(TicketsView::class, 'GET', '/api/tickets?state=collected')->tickets);
        $again = ['pieces' => [$id], 'what' => 'kept', 'why' => 'Twice.'];
        self::assertStringContainsString('called off already', $this->refused(409, 'POST', "/api/tickets/$ticket->id/call-off", $again)->detail);
        $back = $this->must(TicketView::class, 'POST', "/api/pieces/$id/back", ['why' => 'She wants them after all.']);
        self::assertSame(PieceProgress::InWork, $back->pieces[0]->state, 'as it stood before');
        self::assertSame('It goes on after all: She wants them after all.', $this->said($id, Event::TakenBack));
        self::assertCount(1, $this->must(BenchView::class, 'GET', '/api/bench')->rack);
        $this->refused(409, 'POST', "/api/pieces/$id/back", ['why' => 'Twice.']);
    }

    /** @param array<string, mixed> $wrong */
    #[TestWith([['pieces' => []]])]
    #[TestWith([['what' => 'eaten']])]
    #[TestWith([['why' => ' ']])]
    public function testWhatIsCalledOffSaysWhatAndWhy(array $wrong): void
    {
        $this->signIn();
        $id = $this->plannedPair();
        $ticket = $this->ticketOf($id);
        $this->refused(422, 'POST', "/api/tickets/$ticket->id/call-off", $wrong + ['pieces' => [$id], 'what' => 'kept', 'why' => 'So.']);
        self::assertSame(PieceProgress::Planned, $this->ticketOf($id)->pieces[0]->state);
    }

    public function testWhatWasHandedOverByMistakeStandsOnTheShelfAgain(): void
    {
        $this->signIn();
        $id = $this->plannedPair();
        $this->doCall($this->workUntil('Look at the pair'));
        $ticket = $this->ticketOf($id);
        $going = ['pieces' => [$id], 'by' => 'Her sister', 'paid' => 'nothing', 'strokes' => [array_map(static fn (int $i): array => [$i, $i], range(1, 20))]];
        foreach ([[[[1, 1]]], [[[700, 1]]], [['x']]] as $bad) {
            $this->refused(422, 'POST', "/api/tickets/$ticket->id/collect", ['strokes' => $bad] + $going);
        }
        $gone = $this->must(LeavingView::class, 'POST', "/api/tickets/$ticket->id/collect", $going)->gone;
        self::assertSame([[$id], 'Her sister'], [$gone[0]->pieces, $gone[0]->by]);
        self::assertStringStartsWith('M1 1L2 2', $gone[0]->path);
        self::assertStringContainsString('[[[1,1],[2,2]', str_replace(' ', '', $this->text('SELECT strokes FROM collection')));
        $this->must(TicketView::class, 'POST', "/api/pieces/$id/back", ['why' => 'It was the other pair.']);
        self::assertSame(PieceProgress::Ready, $this->ticketOf($id)->pieces[0]->state);
        self::assertSame('It has not been collected: It was the other pair.', $this->said($id, Event::TakenBack));
        self::assertSame('[]', $this->text('SELECT pieces FROM collection'), 'nobody has it');
        self::assertSame([], $this->must(LeavingView::class, 'GET', "/api/tickets/$ticket->id/leaving")->gone);
        $this->must(LeavingView::class, 'POST', "/api/tickets/$ticket->id/collect", $going);
    }

    public function testWhatCameOffGoesWithItOrSomebodySaysWhyNot(): void
    {
        $this->signIn();
        $id = $this->plannedPair();
        $this->doCall($this->workUntil('Look at the pair'));
        foreach (['left', 'right'] as $half) {
            $off = ['version' => $this->piece($id)->version, 'part' => 'laces', 'half' => $half, 'off' => true];
            $this->must(PieceView::class, 'PUT', "/api/pieces/$id/off", $off);
        }
        $ticket = $this->ticketOf($id)->id;
        $leaving = $this->must(LeavingView::class, 'GET', "/api/tickets/$ticket/leaving");
        self::assertSame(['left laces', 'right laces'], array_map(static fn ($o): string => $o->label, $leaving->pieces[0]->off));
        $going = ['pieces' => [$id], 'by' => 'She', 'paid' => 'nothing'];
        $one = ['tray' => [['piece' => $id, 'at' => ['part' => 'laces', 'half' => 'left']]]];
        $refused = $this->refused(409, 'POST', "/api/tickets/$ticket/collect", $one + $going);
        self::assertStringContainsString('does not all go with it: right laces', $refused->detail);
        $this->must(LeavingView::class, 'POST', "/api/tickets/$ticket/collect", $one + $going + ['why' => 'one is lost, she knows']);
        self::assertStringContainsString('All the same: one is lost, she knows', $this->said($id, Event::Collected));
    }

    public function testBeforeTheCureEndsItGoesOnlyWithAReasonAndAWarning(): void
    {
        $this->signIn();
        $id = $this->plannedPair();
        $this->doCall($this->workUntil('Look at the pair'));
        $this->connection()->executeStatement(
            'UPDATE plan_step SET full_at = ? WHERE piece_id = ? AND drying_family IS NOT NULL',
            [$this->clock->now()->modify('+26 hours')->format('Y-m-d H:i:s'), $id],
        );
        $ticket = $this->ticketOf($id)->id;
        self::assertNotNull($this->must(LeavingView::class, 'GET', "/api/tickets/$ticket/leaving")->pieces[0]->curesUntil);
        $going = ['pieces' => [$id], 'by' => 'She', 'paid' => 'nothing'];
        $refused = $this->refused(409, 'POST', "/api/tickets/$ticket/collect", $going);
        self::assertTrue($refused->overridable);
        self::assertStringContainsString('is not cured before', $refused->detail);
        $off = ['version' => $this->piece($id)->version, 'part' => 'laces', 'half' => 'left', 'off' => true];
        $this->must(PieceView::class, 'PUT', "/api/pieces/$id/off", $off);
        $all = $this->refused(409, 'POST', "/api/tickets/$ticket/collect", $going)->detail;
        self::assertMatchesRegularExpression('/not cured before .* does not all go with it: left laces/', $all, 'who gives a reason has heard everything');
        $left = $this->must(LeavingView::class, 'POST', "/api/tickets/$ticket/collect", $going + ['why' => 'Curtain up tonight.']);
        self::assertSame([$id], array_map(static fn ($w): int => $w->piece, $left->warnings), 'the warning goes along');
        $this->clock->modify('+2 days');
        self::assertSame([], $this->must(LeavingView::class, 'GET', "/api/tickets/$ticket/leaving")->warnings);
    }

    public function testTheWorkshopSaysWhoItIsAndHowHoursAreSaid(): void
    {
        $this->signIn('ida');
        $identity = ['name' => ' The Yard ', 'address' => 'Mill Lane 3', 'reach' => '555', 'clock' => '12', 'uncollectedDays' => 10];
        self::assertSame('The Yard', $this->set('/identity', $identity)->identity->name);
        self::assertSame('12', $this->must(SessionView::class, 'GET', '/api/session')->workshop?->clock->value);
        $id = $this->plannedPair();
        $ticket = $this->ticketOf($id);
        $this->must(PromiseView::class, 'POST', "/api/tickets/$ticket->id/promise", [
            'promisedAt' => '2027-01-12T17:30', 'was' => $ticket->promisedAt,
        ]);
        self::assertStringContainsString('12 January, 5:30 pm', $this->said($id, Event::Promised));
        foreach ([['name' => str_repeat('x', 81)], ['clock' => '13'], ['uncollectedDays' => 0]] as $wrong) {
            $this->refused(422, 'PUT', '/api/workshop/identity', $wrong + $identity + ['version' => '']);
        }
        $this->ask('POST', '/api/sign-out');
        self::assertNull($this->must(SessionView::class, 'GET', '/api/session')->workshop, 'nobody else is told');
    }

    public function testWhatIsReadyAndNotCollectedIsSaidAfterSoManyDays(): void
    {
        $this->signIn('ida');
        $id = $this->plannedPair();
        $this->doCall($this->workUntil('Look at the pair'));
        $this->set('/identity', ['name' => '', 'address' => '', 'reach' => '', 'clock' => '24', 'uncollectedDays' => 10]);
        $this->clock->modify('+10 days -1 hour');
        $this->signIn();
        $list = $this->must(TicketsView::class, 'GET', '/api/tickets');
        self::assertSame([0, null], [$list->waiting, $list->tickets[0]->waits]);
        $this->clock->modify('+2 hours');
        $list = $this->must(TicketsView::class, 'GET', '/api/tickets');
        self::assertSame([1, 10], [$list->waiting, $list->tickets[0]->waits]);
        $this->must(LeavingView::class, 'POST', '/api/tickets/'.$this->ticketOf($id)->id.'/collect', ['pieces' => [$id], 'by' => 'She', 'paid' => 'later']);
        self::assertSame(0, $this->must(TicketsView::class, 'GET', '/api/tickets')->waiting);
    }

    /** @param array<string, mixed> $piece */
    private function correct(TicketView $ticket, array $piece): TicketView
    {
        return $this->must(TicketView::class, 'PUT', "/api/tickets/$ticket->id", [
            'seen' => $ticket->seen, 'customer' => $ticket->customer, 'contact' => $ticket->contact, 'wish' => $ticket->wish, 'pieces' => [$piece],
        ]);
    }

    /** @param array<string, mixed> $piece */
    private function refusedCorrection(int $status, int $id, array $piece): ToldProblem
    {
        $ticket = $this->ticketOf($id);

        return $this->refused($status, 'PUT', "/api/tickets/$ticket->id", ['seen' => $ticket->seen, 'customer' => $ticket->customer, 'pieces' => [$piece]]);
    }

    /** @param list<int> $pieces */
    private function callOff(int $ticket, array $pieces): TicketView
    {
        return $this->must(TicketView::class, 'POST', "/api/tickets/$ticket/call-off", [
            'pieces' => $pieces, 'what' => 'given-back', 'why' => 'She bought new ones.',
        ]);
    }

    private function takenIn(string $kind): PieceView
    {
        return $this->piece($this->must(TicketView::class, 'POST', '/api/tickets', $this->ticketBody($kind), 201)->pieces[0]->id);
    }

    private function piece(int $id): PieceView
    {
        return $this->must(PieceView::class, 'GET', "/api/pieces/$id");
    }

    private function ticketOf(int $piece): TicketView
    {
        return $this->must(TicketView::class, 'GET', '/api/tickets/'.$this->piece($piece)->ticket);
    }

    /** @return list<string> */
    private static function names(PieceView $piece): array
    {
        return array_values(array_unique(array_map(static fn (PartView $p): string => $p->part->value, $piece->parts)));
    }

    private function said(int $piece, Event $event): string
    {
        $entries = $this->must(LedgerView::class, 'GET', "/api/ledger/$piece")->entries;

        return self::firstOf($entries, static fn (EntryView $e): bool => $event === $e->event)->text;
    }

    private function text(string $sql): string
    {
        $text = $this->connection()->fetchOne($sql);

        return \is_string($text) ? $text : '';
    }
}

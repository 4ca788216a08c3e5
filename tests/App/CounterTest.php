<?php

declare(strict_types=1);

namespace KindHeel\Tests\App;

use KindHeel\App\Counter\TicketReader;
use KindHeel\App\Counter\TicketsView;
use KindHeel\App\Counter\TicketView;
use KindHeel\App\Database\Row;
use KindHeel\App\Job\PieceProgress;
use KindHeel\App\Ledger\LedgerView;
use KindHeel\App\Piece\PieceView;
use KindHeel\App\Plan\PlanView;
use KindHeel\Core\Anatomy\Kind;
use KindHeel\Core\Anatomy\PartName;
use KindHeel\Core\Assessment\Aim;
use KindHeel\Core\Assessment\Flag;
use KindHeel\Core\Colour\Gloss;
use KindHeel\Core\Finding\FindingGroup;
use KindHeel\Core\Material\Certainty;
use KindHeel\Core\Material\Dryness;
use KindHeel\Core\Material\Material;
use PHPUnit\Framework\Attributes\DataProvider;

final class CounterTest extends ApiTestCase
{
    public function testATicketIsOpenedAndFoundAgain(): void
    {
        $this->signIn();
        $ticket = $this->must(TicketView::class, 'POST', '/api/tickets', $this->ticketBody('low-shoe/brogue'), 201);
        self::assertSame('2026-03-06T17:00:00Z', $ticket->promisedAt, 'said in the workshop’s zone, kept in UTC');
        self::assertSame(PieceProgress::ToLookOver, $ticket->pieces[0]->state);
        self::assertCount(1, $this->must(TicketsView::class, 'GET', '/api/tickets')->tickets);
        $piece = $this->must(PieceView::class, 'GET', '/api/pieces/'.$ticket->pieces[0]->id);
        self::assertSame(Kind::Brogue, $piece->kind);
        self::assertCount(30, $piece->parts);
        self::assertSame(Certainty::Guess, array_values(array_filter($piece->parts, static fn ($p): bool => PartName::Vamp === $p->part))[0]->certainty);
    }

    public function testOnTheCounterAPieceIsDrawnWithEveryPartOnceTheLeftHalfFirst(): void
    {
        $this->signIn();
        $id = $this->must(TicketView::class, 'POST', '/api/tickets', $this->ticketBody('low-shoe/brogue'), 201)->pieces[0]->id;
        $piece = $this->must(PieceView::class, 'PUT', "/api/pieces/$id/parts", [
            'version' => 1,
            'places' => [['part' => 'vamp', 'half' => 'right']],
            'shade' => 'navy',
        ]);
        $row = $this->must(TicketsView::class, 'GET', '/api/tickets')->tickets[0]->pieces[0];
        $drawn = [];
        foreach ($row->colours as $colour) {
            foreach ($colour->parts as $part) {
                $drawn[] = "{$colour->half->value} {$part->value} {$colour->hex}";
            }
        }
        $seen = array_map(static fn ($p): string => "{$p->half->value} {$p->part->value} {$p->hex}", $piece->parts);
        self::assertEqualsCanonicalizing($seen, $drawn);
        self::assertStringStartsWith('left', $drawn[0]);
        self::assertLessThan(\count($drawn), 2 * \count($row->colours), 'what is of one colour is said together');
    }

    public function testWhatIsSeenIsKeptForBothHalvesOrOne(): void
    {
        $this->signIn();
        $id = $this->must(TicketView::class, 'POST', '/api/tickets', $this->ticketBody(), 201)->pieces[0]->id;
        $piece = $this->must(PieceView::class, 'PUT', "/api/pieces/$id/parts", [
            'version' => 1,
            'places' => [['part' => 'vamp', 'half' => 'left'], ['part' => 'vamp', 'half' => 'right']],
            'material' => 'burnished',
            'certainty' => 'likely',
            'flags' => ['contrast-stitching'],
        ]);
        $piece = $this->must(PieceView::class, 'PUT', "/api/pieces/$id/parts", [
            'version' => $piece->version,
            'places' => [['part' => 'vamp', 'half' => 'right']],
            'dryness' => 'stiff',
        ]);
        $vamps = array_values(array_filter($piece->parts, static fn ($p): bool => PartName::Vamp === $p->part));
        self::assertSame(
            [[Material::Burnished, Dryness::Supple], [Material::Burnished, Dryness::Stiff]],
            array_map(static fn ($p) => [$p->material, $p->dryness], $vamps),
        );
        self::assertSame([Flag::ContrastStitching], $vamps[1]->flags);
        $piece = $this->must(PieceView::class, 'POST', "/api/pieces/$id/findings", self::found($piece->version, [
            'part' => 'toe',
            'half' => 'right',
            'kind' => 'scuff',
            'severity' => 3,
            'lengthMm' => 20.0,
        ]));
        self::assertSame(FindingGroup::Surface, $piece->findings[0]->group);
        $piece = $this->must(PieceView::class, 'DELETE', "/api/pieces/$id/findings/{$piece->findings[0]->id}", ['version' => $piece->version]);
        self::assertSame([], $piece->findings);
        $piece = $this->must(PieceView::class, 'PUT', "/api/pieces/$id/agreement", ['version' => $piece->version, 'aim' => 'keep', 'gloss' => 'matt']);
        self::assertSame([Aim::Keep, Gloss::Matt, PieceProgress::ToPlan], [$piece->aim, $piece->gloss, $piece->state]);
    }

    /** @return iterable<string, array{string, mixed, string}> path in the body, value, field that is named */
    public static function badTickets(): iterable
    {
        yield 'no name' => ['customer', '   ', 'customer'];
        yield 'a name of ten thousand letters' => ['customer', str_repeat('a', 10_000), 'customer'];
        yield 'a name that is a number' => ['customer', 12, 'customer'];
        yield 'a date that has passed' => ['promisedAt', '2026-03-01T18:00', 'promisedAt'];
        yield 'a date that is none' => ['promisedAt', '2026-02-31T18:00', 'promisedAt'];
        yield 'a date in words' => ['promisedAt', 'soon', 'promisedAt'];
        yield 'a date in ten years' => ['promisedAt', '2036-03-01T18:00', 'promisedAt'];
        yield 'no pieces' => ['pieces', [], 'pieces'];
        yield 'a list that is none' => ['pieces', 'shoes', 'pieces'];
        yield 'a word nobody knows' => ['colour', 'red', 'colour'];
    }

    #[DataProvider('badTickets')]
    public function testABadTicketGetsASentenceForItsFieldAndNothingIsStored(string $key, mixed $value, string $field): void
    {
        $this->signIn();
        $problem = $this->refused(422, 'POST', '/api/tickets', [$key => $value] + $this->ticketBody());
        self::assertContains($field, array_column($problem->errors, 'field'));
        self::assertSame([0, 0], [$this->rows('ticket'), $this->rows('piece')]);
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function badPieces(): iterable
    {
        yield 'a kind that is none' => [['kind' => 'clog'], 'pieces[0].kind'];
        yield 'a giant' => [['sizeEu' => 90], 'pieces[0].sizeEu'];
        yield 'a size in words' => [['sizeEu' => 'large'], 'pieces[0].sizeEu'];
        yield 'an aim that is none' => [['aim' => 'perfection'], 'pieces[0].aim'];
        yield 'without a name' => [['name' => ''], 'pieces[0].name'];
    }

    /** @param array<string, mixed> $wrong */
    #[DataProvider('badPieces')]
    public function testABadPieceIsNamedByItsPlace(array $wrong, string $field): void
    {
        $this->signIn();
        $body = $this->ticketBody();
        $body['pieces'] = [$wrong + self::PIECE];
        self::assertContains($field, array_column($this->refused(422, 'POST', '/api/tickets', $body)->errors, 'field'));
        self::assertSame(0, $this->rows('ticket'));
    }

    public function testWhatThePieceCannotHaveIsRefused(): void
    {
        $this->signIn();
        $id = $this->must(TicketView::class, 'POST', '/api/tickets', $this->ticketBody('low-shoe/loafer'), 201)->pieces[0]->id;
        $sound = ['part' => 'toe', 'half' => 'left', 'kind' => 'scuff', 'severity' => 2];
        $this->refused(422, 'POST', "/api/pieces/$id/findings", self::found(1, ['part' => 'laces'] + $sound));
        $this->refused(422, 'POST', "/api/pieces/$id/findings", self::found(1, ['part' => 'wing'] + $sound));
        $this->refused(422, 'POST', "/api/pieces/$id/findings", self::found(1, ['half' => 'whole'] + $sound));
        $this->refused(422, 'POST', "/api/pieces/$id/findings", self::found(1, ['lengthMm' => -3.0] + $sound));
        $this->refused(422, 'POST', "/api/pieces/$id/findings", self::found(1, ['lengthMm' => 380.0] + $sound));
        $this->refused(422, 'POST', "/api/pieces/$id/findings", self::found(1, ['severity' => 9] + $sound));
        $this->refused(422, 'POST', "/api/pieces/$id/findings", self::found(1, ['kind' => 'sadness'] + $sound));
        $problem = $this->refused(422, 'PUT', "/api/pieces/$id/parts", [
            'version' => 1,
            'places' => [['part' => 'vamp', 'half' => 'left']],
            'material' => 'leather-stack',
        ]);
        self::assertStringContainsString('not made of stacked leather', $problem->detail);
        self::assertSame(0, $this->rows('finding'));
        $this->refused(404, 'GET', '/api/pieces/999999');
    }

    public function testBrokenJsonLargeBodiesAndWrongVerbsAreProblemDocuments(): void
    {
        $this->signIn();
        $this->refused(400, 'POST', '/api/tickets', raw: '{"customer": ');
        $this->refused(413, 'POST', '/api/tickets', raw: '{"customer": "'.str_repeat('x', 5_000_000).'"}');
        $this->refused(405, 'PUT', '/api/tickets', $this->ticketBody());
        $this->refused(404, 'GET', '/api/nowhere');
        self::assertSame(0, $this->rows('ticket'));
    }

    public function testTheSecondTabletIsToldThatThePieceHasChanged(): void
    {
        $this->signIn();
        $id = $this->must(TicketView::class, 'POST', '/api/tickets', $this->ticketBody(), 201)->pieces[0]->id;
        $see = ['version' => 1, 'places' => [['part' => 'vamp', 'half' => 'left']], 'dryness' => 'thirsty'];
        $this->must(PieceView::class, 'PUT', "/api/pieces/$id/parts", $see);
        self::assertSame('changed-meanwhile', $this->refused(409, 'PUT', "/api/pieces/$id/parts", ['dryness' => 'stiff'] + $see)->type);
    }

    public function testAnApprenticeLooksButDoesNotOpenOrPlan(): void
    {
        $this->signIn();
        $id = $this->plannedPair();
        $this->signIn('wren');
        $this->must(PieceView::class, 'GET', "/api/pieces/$id");
        $this->must(PlanView::class, 'GET', "/api/pieces/$id/plan");
        $this->refused(403, 'POST', '/api/tickets', $this->ticketBody());
        $this->refused(403, 'POST', "/api/pieces/$id/plan", ['version' => 3]);
        $this->refused(403, 'PUT', "/api/pieces/$id/agreement", ['version' => 3, 'aim' => 'keep', 'gloss' => 'matt']);
    }

    public function testHoweverManyAreOpenEveryOneIsShownAPageAtATime(): void
    {
        $this->signIn();
        $open = 2 * TicketReader::PAGE + 5;
        $this->tickets($open, 'open');
        $this->tickets(TicketReader::PAGE, 'ended', away: true);
        $seen = [];
        for ($page = 0; $page < 9; ++$page) {
            $view = $this->must(TicketsView::class, 'GET', '/api/tickets?page='.$page);
            array_push($seen, ...array_map(static fn (TicketView $t): string => $t->customer, $view->tickets));
            if (!$view->more) {
                break;
            }
            self::assertCount(TicketReader::PAGE, $view->tickets);
        }
        self::assertSame(array_map(static fn (int $i): string => \sprintf('open %03d', $i), range(0, $open - 1)), $seen, 'what went home is not in the list');
        $found = [];
        for ($page = 0; $page < 2; ++$page) {
            $view = $this->must(TicketsView::class, 'GET', '/api/tickets?find=ended&page='.$page);
            array_push($found, ...array_map(static fn (TicketView $t): string => $t->customer, $view->tickets));
        }
        $latestFirst = array_map(static fn (int $i): string => \sprintf('ended %03d', $i), range(TicketReader::PAGE - 1, 0));
        self::assertSame($latestFirst, $found, 'it is found where it is looked for');
    }

    public function testWhatIsSoughtIsFoundAmongAllAndEveryWordHasToFit(): void
    {
        $this->signIn();
        $this->tickets(TicketReader::PAGE + 10, 'somebody');
        $id = $this->must(TicketView::class, 'POST', '/api/tickets', [
            'customer' => 'Zoë Halloran', 'wish' => 'for the ball, 100 %', 'promisedAt' => '2026-03-30T12:00',
        ] + $this->ticketBody('low-shoe/brogue'), 201)->id;
        $found = fn (string $find): array => array_map(
            static fn (TicketView $t): string => $t->customer,
            $this->must(TicketsView::class, 'GET', '/api/tickets?'.http_build_query(['find' => $find]))->tickets,
        );
        foreach (['zoe', 'HALLORAN ball', 'brogue', 'lamplighter halloran', '100 %', (string) $id, $id.'-1'] as $find) {
            self::assertContains('Zoë Halloran', $found($find), $find);
        }
        self::assertSame(['Zoë Halloran'], $found('zoe ball'));
        self::assertSame([], $found('zoe nobody'));
        self::assertSame([], $found('_oe'), 'a letter is a letter');
    }

    public function testWhatWentHomeIsFoundByTheBeginningsOfItsWordsAndNothingElseIsGoneThrough(): void
    {
        $this->signIn();
        $ticket = $this->must(TicketView::class, 'POST', '/api/tickets', [
            'customer' => 'Zoë Halloran', 'contact' => '0664 / 123-45 67', 'wish' => 'for the ball, 100 %', 'promisedAt' => '2026-03-30T12:00',
        ] + $this->ticketBody('low-shoe/brogue'), 201);
        $this->must(LedgerView::class, 'POST', "/api/pieces/{$ticket->pieces[0]->id}/notes", ['text' => 'her mother collects']);
        $this->connection()->executeStatement('UPDATE piece SET finished_at = NOW(), collected_at = NOW()');
        $this->tickets(60, 'somebody', away: true);
        $find = fn (string $find): TicketsView => $this->must(TicketsView::class, 'GET', '/api/tickets?'.http_build_query(['find' => $find]));
        foreach (['zoe', 'HALLORAN ball', 'hall', '100 %', '0664 123', '123-45', 'mother', (string) $ticket->id, $ticket->id.'-1', 'brogue zoe'] as $words) {
            self::assertContains('Zoë Halloran', array_map(static fn (TicketView $t): string => $t->customer, $find($words)->tickets), $words);
        }
        self::assertCount(TicketReader::PAGE, $find('some')->tickets);
        self::assertSame([], $find('alloran')->tickets, 'the middle of a word');
        $find('zoe');
        $before = $this->rowsRead();
        self::assertCount(1, $find('zoe')->tickets);
        self::assertLessThan(400, $this->rowsRead() - $before, 'rows and entries of an index, of sixty others');
    }

    public function testWhatIsDueIsNeverWhatWasHandedOver(): void
    {
        $this->signIn();
        // Monday 2 March, 10 o’clock in the workshop.
        $names = [
            '2026-03-01 10:00' => 'yesterday', '2026-03-03 22:59' => 'tomorrow night', '2026-03-03 23:01' => 'the day after', '2026-03-08 12:00' => 'Sunday',
        ];
        foreach ($names as $at => $name) {
            $this->tickets(1, $name, promised: $at);
        }
        $this->tickets(1, 'gone', away: true, promised: '2026-03-01 10:00');
        $due = fn (int $days): array => array_map(
            static fn (TicketView $t): string => substr($t->customer, 0, -4),
            $this->must(TicketsView::class, 'GET', '/api/tickets?due='.$days)->tickets,
        );
        self::assertSame(['yesterday'], $due(-1));
        self::assertSame(['yesterday', 'tomorrow night'], $due(1));
        self::assertSame(['yesterday', 'tomorrow night', 'the day after', 'Sunday'], $due(7));
    }

    public function testEveryStateIsFoundByItsNameAndByNoOther(): void
    {
        $this->signIn();
        $this->plannedPair();
        $begun = $this->plannedPair();
        $step = Row::first($this->connection(), 'SELECT id, version FROM plan_step WHERE piece_id = ? ORDER BY position LIMIT 1', [$begun]);
        self::assertSame(200, $this->ask('POST', '/api/steps/'.$step?->int('id').'/start', ['version' => $step?->int('version')]));
        $this->tickets(2, 'new');
        $this->tickets(3, 'ended', away: true);
        $this->tickets(1, 'ready');
        $this->connection()->executeStatement('UPDATE piece SET finished_at = \'2026-03-02 10:00:00\' ORDER BY id DESC LIMIT 1');
        $counts = [];
        foreach (PieceProgress::cases() as $state) {
            foreach ($this->must(TicketsView::class, 'GET', '/api/tickets?state='.$state->value)->tickets as $ticket) {
                foreach ($ticket->pieces as $piece) {
                    self::assertSame($state, $piece->state, 'as the list itself says of each');
                    $counts[$state->value] = 1 + ($counts[$state->value] ?? 0);
                }
            }
        }
        self::assertSame(['to-look-over' => 2, 'planned' => 1, 'in-work' => 1, 'ready' => 1, 'collected' => 3], $counts);
        $this->refused(422, 'GET', '/api/tickets?state=lost');
    }

    public function testAPageCostsAsManyQuestionsWhateverLiesBehind(): void
    {
        $this->signIn();
        $this->tickets(3, 'open');
        $few = $this->statements(fn () => $this->ask('GET', '/api/tickets'));
        $this->tickets(TicketReader::PAGE, 'more');
        $this->tickets(100, 'ended', away: true);
        self::assertLessThanOrEqual($few, $this->statements(fn () => $this->ask('GET', '/api/tickets')));
    }

    /** So many, promised a minute one after the other. */
    private function tickets(int $count, string $customer, bool $away = false, string $promised = '2026-03-20 12:00'): void
    {
        for ($i = 0; $i < $count; ++$i) {
            $at = (new \DateTimeImmutable($promised))->modify("+$i minutes")->format('Y-m-d H:i:s');
            $id = $this->must(TicketView::class, 'POST', '/api/tickets', ['customer' => \sprintf('%s %03d', $customer, $i)] + $this->ticketBody(), 201)->id;
            $this->connection()->update('ticket', ['promised_at' => $at], ['id' => $id]);
            if ($away) {
                $this->connection()->update('piece', ['finished_at' => $at, 'collected_at' => $at], ['ticket_id' => $id]);
            }
        }
    }
}

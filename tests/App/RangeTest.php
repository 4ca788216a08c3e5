<?php

declare(strict_types=1);

namespace KindHeel\Tests\App;

use KindHeel\App\Counter\TicketsView;
use KindHeel\App\Counter\TicketView;
use KindHeel\App\Ledger\LedgerView;
use KindHeel\App\OwnerPage\OwnerPageView;
use KindHeel\App\Picture\PicturesView;
use KindHeel\App\Piece\PieceView;
use KindHeel\Core\Assessment\Aim;
use KindHeel\Core\Assessment\Patina;
use PHPUnit\Framework\Attributes\DataProvider;

/** The whole range of pieces over the counter: words, sizes, tags, two people at one piece. */
final class RangeTest extends ApiTestCase
{
    public function testTheWordsOfferEveryFamilyKindPartTrialAndFinding(): void
    {
        self::assertSame(200, $this->ask('GET', '/api/words'));
        /** @var array<string, list<array<string, mixed>>> $words */
        $words = json_decode($this->content(), true, flags: \JSON_THROW_ON_ERROR);
        $id = static fn (string $what, string $id): array => array_column($words[$what], null, 'id')[$id];
        $many = array_map(\count(...), array_intersect_key($words, array_flip(['families', 'kinds', 'materials', 'findings', 'trials'])));
        self::assertSame(['families' => 7, 'kinds' => 39, 'materials' => 25, 'findings' => 49, 'trials' => 10], $many);
        $satchel = $id('kinds', 'bag/satchel');
        self::assertSame([['whole'], false, 380.0, 'outside'], [$satchel['halves'], $satchel['goesBySize'], $satchel['usualLengthMm'], $satchel['outer']]);
        self::assertSame(['left', 'right'], $id('kinds', 'garment/gloves')['halves']);
        foreach ($words['trials'] as $trial) {
            self::assertNotSame([], $trial['outcomes']);
        }
        $nap = (array) $id('findings', 'flat-nap')['usualOn'];
        self::assertContains('suede', $nap);
        self::assertNotContains('patent', $nap);
        self::assertNotContains('toe', (array) $id('findings', 'zip-stiff')['parts']);
        self::assertTrue($id('materials', 'sheep-nappa')['upper']);
        self::assertFalse($id('materials', 'metal')['upper'], 'no upper is made of metal');
        self::assertSame(
            ['brush', 'sponge', 'airbrush'],
            array_column(array_filter($words['applicators'], static fn (array $a): bool => true === $a['laysPaint']), 'id'),
        );
        self::assertSame(['bench', 'rack', 'booth', 'box'], array_column($words['places'], 'id'));
    }

    /** @return iterable<string, array{array<string, mixed>, ?float, ?float}> what is said, size and length as kept */
    public static function sizes(): iterable
    {
        yield 'a bag that was measured' => [['kind' => 'bag/tote', 'lengthMm' => 455.0], null, 455.0];
        yield 'a bag that was not' => [['kind' => 'bag/tote'], null, 420.0];
        yield 'boots by their size' => [['kind' => 'boot/chelsea', 'sizeEu' => 38.5], 38.5, null];
        yield 'boots of nobody in particular' => [['kind' => 'boot/chelsea'], 42.0, null];
    }

    /** @param array<string, mixed> $said */
    #[DataProvider('sizes')]
    public function testAPieceIsMeasuredAsItsKindIs(array $said, ?float $eu, ?float $mm): void
    {
        $this->signIn();
        $piece = $this->opened($said);
        self::assertSame([$eu, $mm], [$piece->sizeEu, $piece->lengthMm]);
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function wrongSizes(): iterable
    {
        yield 'a bag with a shoe size' => [['kind' => 'bag/tote', 'sizeEu' => 42.0], 'has no shoe size'];
        yield 'boots with a length' => [['kind' => 'boot/chelsea', 'lengthMm' => 300.0], 'goes by its shoe size'];
        yield 'a bag as long as a cart' => [['kind' => 'bag/tote', 'lengthMm' => 4000.0], 'between 50 and 2500'];
        yield 'a kind of no family' => [['kind' => 'tote'], 'not one of the choices'];
    }

    /** @param array<string, mixed> $said */
    #[DataProvider('wrongSizes')]
    public function testAWrongMeasureIsRefusedAndNothingIsOpened(array $said, string $sentence): void
    {
        $this->signIn();
        $body = $this->ticketBody();
        $body['pieces'] = [$said + ['name' => 'It', 'aim' => 'keep']];
        self::assertStringContainsString($sentence, json_encode($this->refused(422, 'POST', '/api/tickets', $body), \JSON_THROW_ON_ERROR));
        self::assertSame(0, $this->rows('ticket'));
    }

    public function testEachPieceOfATicketHasATagOfItsOwn(): void
    {
        $this->signIn();
        $body = $this->ticketBody();
        $body['pieces'] = [['name' => 'One', 'kind' => 'bag/tote', 'aim' => 'keep'], ['name' => 'Two', 'kind' => 'small-goods/belt', 'aim' => 'keep']];
        $ticket = $this->must(TicketView::class, 'POST', '/api/tickets', $body, 201);
        $tags = ["$ticket->id-1", "$ticket->id-2"];
        self::assertSame($tags, array_map(static fn ($p) => $p->tag, $ticket->pieces));
        self::assertSame($tags, array_map(static fn ($p) => $p->tag, $this->must(TicketsView::class, 'GET', '/api/tickets')->tickets[0]->pieces));
        self::assertSame($tags[1], $this->must(PieceView::class, 'GET', '/api/pieces/'.$ticket->pieces[1]->id)->tag);
        self::assertCount(2, $this->must(LedgerView::class, 'GET', '/api/ledger')->pieces, 'a belt is in the ledger like a shoe');
    }

    public function testOfTwoPeopleAtOnePieceTheSecondIsToldWhateverTheyDo(): void
    {
        $this->signIn();
        $id = $this->opened(['kind' => 'bag/satchel'])->id;
        $this->must(PieceView::class, 'PUT', "/api/pieces/$id/agreement", [
            'version' => 1, 'aim' => 'restore', 'gloss' => 'glow', 'patina' => 'soften', 'unwanted' => 'No dye.', 'valueCents' => 12_000,
            'replaceCents' => 30_000,
        ]);
        $at = ['part' => 'flap', 'half' => 'whole'];
        foreach ([
            ['PUT', 'parts', ['places' => [$at], 'material' => 'veg-tan']],
            ['PUT', 'part-agreement', ['places' => [$at]]],
            ['PUT', 'agreement', ['aim' => 'keep', 'gloss' => 'matt']],
            ['PUT', 'off', ['part' => 'strap', 'half' => 'whole', 'off' => true]],
            ['POST', 'findings', self::found(1, $at + ['kind' => 'scuff', 'severity' => 2])],
            ['POST', 'trials', $at + ['trial' => 'T-1', 'outcome' => 'beads']],
            ['POST', 'copy', ['from' => $id]],
            ['POST', 'signature', ['signedBy' => 'Nobody', 'strokes' => [array_map(static fn (int $i): array => [$i, $i], range(1, 20))]]],
        ] as [$method, $what, $body]) {
            $problem = $this->refused(409, $method, "/api/pieces/$id/$what", ['version' => 1] + $body);
            self::assertSame('changed-meanwhile', $problem->type, $what);
        }
        $piece = $this->must(PieceView::class, 'GET', "/api/pieces/$id");
        self::assertSame(
            [Aim::Restore, Patina::Soften, 'No dye.', 12_000, 30_000],
            [$piece->aim, $piece->patina, $piece->unwanted, $piece->valueCents, $piece->replaceCents],
        );
        self::assertSame([[], []], [$piece->findings, $piece->trials]);
    }

    public function testAnApprenticeTriesAndTicksButDoesNotAgreeOrSign(): void
    {
        $this->signIn();
        $id = $this->opened(['kind' => 'bag/satchel'])->id;
        $this->signIn('wren');
        $piece = $this->must(PieceView::class, 'POST', "/api/pieces/$id/trials", [
            'version' => 1, 'part' => 'flap', 'half' => 'whole', 'trial' => 'T-4', 'outcome' => 'pores',
        ]);
        self::assertSame('Wren', $piece->trials[0]->by);
        $this->must(PieceView::class, 'PUT', "/api/pieces/$id/off", ['version' => $piece->version, 'part' => 'strap', 'half' => 'whole', 'off' => true]);
        foreach ([['PUT', 'agreement'], ['POST', 'signature'], ['POST', 'copy'], ['PUT', 'part-agreement']] as [$method, $what]) {
            $this->refused(403, $method, "/api/pieces/$id/$what", ['version' => 1]);
        }
    }

    public function testWhatIsNotThereIsNotFound(): void
    {
        $this->signIn();
        foreach (
            [
                '/api/pieces/999999', '/api/pieces/999999/owner-page', '/api/pieces/999999/questions', '/api/pieces/999999/pictures',
                '/api/pictures/999999/0123456789ab/thumb.jpg',
            ] as $path
        ) {
            $this->refused(404, 'GET', $path);
        }
    }

    public function testEveryReadOfAPieceIsFewStatements(): void
    {
        $this->signIn();
        $id = $this->opened(['kind' => 'tall-boot/riding'])->id;
        foreach (['', '/owner-page', '/questions', '/pictures'] as $what) {
            self::assertLessThanOrEqual(10, $this->statements(fn () => self::assertSame(200, $this->ask('GET', "/api/pieces/$id$what"))), $what);
        }
        self::assertCount(12, $this->must(PicturesView::class, 'GET', "/api/pieces/$id/pictures")->missing);
        self::assertSame([], $this->must(OwnerPageView::class, 'GET', "/api/pieces/$id/owner-page")->gone);
    }

    /** @param array<string, mixed> $piece */
    private function opened(array $piece): PieceView
    {
        $body = $this->ticketBody();
        $body['pieces'] = [$piece + ['name' => 'It', 'aim' => 'keep']];

        return $this->must(PieceView::class, 'GET', '/api/pieces/'.$this->must(TicketView::class, 'POST', '/api/tickets', $body, 201)->pieces[0]->id);
    }
}

<?php

declare(strict_types=1);

namespace KindHeel\Tests\App;

use KindHeel\App\Colour\PieceColourView;
use KindHeel\App\Colour\PotView;
use KindHeel\App\Counter\TicketView;
use KindHeel\App\Database\Row;
use KindHeel\App\Intake\OwnersView;
use KindHeel\App\Offer\OfferView;
use KindHeel\App\Owner\CarePageView;
use KindHeel\App\Owner\CausesView;
use KindHeel\App\Owner\ForgetPictures;
use KindHeel\App\Owner\LikeJobsView;
use KindHeel\App\Owner\OwnerDetailsView;
use KindHeel\App\Owner\OwnerListView;
use KindHeel\App\Owner\PassportView;
use KindHeel\App\Owner\WhatComesBackView;
use KindHeel\App\Piece\PieceView;
use KindHeel\App\Shelf\ProductSheetView;
use KindHeel\Core\Care\CareKind;
use KindHeel\Core\Care\Cause;

/** Owners are people of their own, and a piece has a passport over all its visits. */
final class OwnerTest extends ApiTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn('ida');
    }

    public function testTheSameNameReachedTheSameWayIsOneOwner(): void
    {
        $this->ticket('Odile Marchetti', '0664 123 45 67');
        $this->ticket('Odile Marchetti', '0664 123 45 67');
        $this->ticket('Odile Marchetti', 'odile@example.org');
        $this->ticket('Bruno Achterberg', '');
        $all = $this->must(OwnerListView::class, 'GET', '/api/owners/all')->owners;
        self::assertSame(['Bruno Achterberg', 'Odile Marchetti', 'Odile Marchetti'], array_map(static fn ($o): string => $o->name, $all));
        self::assertSame([1, 2, 1], array_map(static fn ($o): int => $o->pieces, $all));
        $found = $this->must(OwnerListView::class, 'GET', '/api/owners/all?find=123%2045')->owners;
        self::assertCount(1, $found, 'by how they are reached');
        self::assertCount(1, $this->must(OwnerListView::class, 'GET', '/api/owners/all?find=664123')->owners, 'however the figures are written');
        self::assertSame([], $this->must(OwnerListView::class, 'GET', '/api/owners/all?find=phone')->owners, 'the name of a way is nobody’s');
        $owner = $this->must(OwnerDetailsView::class, 'GET', '/api/owners/'.$found[0]->id);
        self::assertSame('phone', $owner->ways[0]->by->value);
        self::assertCount(1, $owner->alike, 'who may be the same person');
        self::assertSame(200, $this->ask('GET', '/api/owners.csv'));
        self::assertCount(4, explode("\n", trim($this->content())), 'a head and three owners');

        // They are one, and the tickets of both say so.
        $other = ['version' => $owner->version, 'other' => $owner->alike[0]->id];
        $joined = $this->must(OwnerDetailsView::class, 'POST', "/api/owners/{$owner->id}/joined", $other);
        self::assertSame(['0664 123 45 67', 'odile@example.org'], array_map(static fn ($w): string => $w->at, $joined->ways));
        self::assertCount(3, $joined->pieces);
        self::assertSame([], $joined->alike);
        self::assertSame(404, $this->ask('GET', '/api/owners/'.$owner->alike[0]->id));
        $this->refused(409, 'POST', "/api/owners/{$owner->id}/joined", ['version' => $owner->version, 'other' => $owner->id + 1000]);
    }

    public function testWhatIsTakenOverFromTheSamePersonHasRoom(): void
    {
        foreach ([['0664 1', 'a'], ['0664 2', 'b']] as [$way, $letter]) {
            $this->ticket('Odile Marchetti', $way);
            $owner = $this->must(OwnerListView::class, 'GET', '/api/owners/all?find='.rawurlencode($way))->owners[0];
            $this->must(OwnerDetailsView::class, 'PUT', '/api/owners/'.$owner->id, [
                'version' => 1, 'name' => 'Odile Marchetti', 'notes' => str_repeat($letter, 900),
                'ways' => array_map(static fn (int $i): array => ['by' => 'phone', 'at' => "$way $i"], range(1, 5)),
            ]);
        }
        $all = $this->must(OwnerListView::class, 'GET', '/api/owners/all')->owners;
        $joined = $this->must(OwnerDetailsView::class, 'POST', "/api/owners/{$all[0]->id}/joined", ['version' => 2, 'other' => $all[1]->id]);
        self::assertSame([6, 1000], [\count($joined->ways), mb_strlen($joined->notes)]);
    }

    public function testWhoSomebodyIsIsSaidOnAllTheirTickets(): void
    {
        $ticket = $this->ticket('Odile Marchetti', 'odile@example.org');
        $id = $this->must(OwnerListView::class, 'GET', '/api/owners/all')->owners[0]->id;
        $given = [
            'version' => 1, 'name' => 'Odile Marchetti-Brand', 'likes' => 'phone', 'language' => 'fr', 'notes' => 'Mornings only.', 'mayRemind' => true,
            'ways' => [['by' => 'email', 'at' => 'odile@example.org'], ['by' => 'phone', 'at' => '0664 1']],
        ];
        $owner = $this->must(OwnerDetailsView::class, 'PUT', "/api/owners/$id", $given);
        self::assertTrue($owner->mayRemind);
        $ticket = $this->must(TicketView::class, 'GET', "/api/tickets/{$ticket->id}");
        self::assertSame(['Odile Marchetti-Brand', '0664 1'], [$ticket->customer, $ticket->contact], 'by the way they like');
        $unknown = ['likes' => 'post', 'version' => $owner->version] + $given;
        self::assertStringContainsString('reached that way', $this->refused(422, 'PUT', "/api/owners/$id", $unknown)->detail);
        $this->refused(409, 'PUT', "/api/owners/$id", $given);
    }

    public function testAPieceThatComesAgainIsOnItsOwnPassport(): void
    {
        $first = $this->ticket('Odile Marchetti', 'odile@example.org')->pieces[0]->id;
        $past = $this->must(OwnersView::class, 'GET', '/api/owners?find=Odile')->owners[0];
        $again = $this->must(TicketView::class, 'POST', '/api/intake', [
            'ticket' => ['customer' => 'Odile Marchetti', 'contact' => 'odile@example.org'] + $this->ticketBody(), 'with' => [['like' => $past->pieces[0]->id]],
        ], 201)->pieces[0]->id;
        $passport = $this->must(PassportView::class, 'GET', "/api/pieces/$first/passport");
        self::assertSame([$again, $first], array_map(static fn ($v): int => $v->piece, $passport->visits));
        self::assertSame($passport->id, $this->must(PassportView::class, 'GET', "/api/passports/tagged/{$passport->code}")->id);
        self::assertCount(1, $this->must(OwnerDetailsView::class, 'GET', "/api/owners/{$passport->owner}")->pieces);
    }

    public function testCareHangsOnUseAndOnWhatWasDoneLast(): void
    {
        $id = $this->plannedPair();
        $passport = $this->must(PassportView::class, 'GET', "/api/pieces/$id/passport");
        $due = static fn (PassportView $p, CareKind $kind): string => self::firstOf($p->cares, static fn ($c): bool => $c->kind === $kind)->at;
        $use = ['version' => $passport->version, 'daysAWeek' => 6.0, 'salt' => true];
        $now = $this->must(PassportView::class, 'PUT', "/api/passports/{$passport->id}/use", $use);
        self::assertLessThan($due($passport, CareKind::Feed), $due($now, CareKind::Feed), 'more use, sooner');
        $this->clock->sleep(40 * 86400);
        $this->must(PassportView::class, 'POST', "/api/passports/{$passport->id}/cares", ['kind' => 'feed']);
        $fed = $this->must(PassportView::class, 'GET', "/api/passports/{$passport->id}");
        self::assertGreaterThan($due($now, CareKind::Feed), $due($fed, CareKind::Feed));
        $this->refused(422, 'POST', "/api/passports/{$passport->id}/cares", ['kind' => 'feed', 'on' => '2035-01-01']);
        $this->refused(422, 'PUT', "/api/passports/{$passport->id}/use", ['version' => $fed->version, 'daysAWeek' => 9.0]);
        $this->refused(409, 'PUT', "/api/passports/{$passport->id}/use", ['version' => 1, 'daysAWeek' => 2.0]);
    }

    public function testACarePageIsForWhoHasItsAddressAndGivesAwayNothingElse(): void
    {
        $id = $this->plannedPair();
        $passport = $this->must(PassportView::class, 'GET', "/api/pieces/$id/passport");
        self::assertNull($passport->address);
        $shown = $this->must(PassportView::class, 'POST', "/api/passports/{$passport->id}/care-page");
        $address = (string) $shown->address;
        $this->ask('DELETE', '/api/session');
        $this->client->getCookieJar()->clear();
        $page = $this->must(CarePageView::class, 'GET', "/api/care/$address");
        self::assertSame($passport->name, $page->name);
        self::assertNotSame([], $page->cares);
        $owner = $passport->ownerName;
        self::assertStringNotContainsString($owner, $this->content());
        self::assertStringNotContainsString('waterproof', $this->content());
        self::assertSame(200, $this->ask('GET', "/calendar/care/$address.ics"));
        self::assertStringContainsString('BEGIN:VEVENT', $this->content());
        self::assertStringNotContainsString($owner, $this->content());
        self::assertSame(404, $this->ask('GET', '/api/care/'.substr($address, 0, -1).('a' === substr($address, -1) ? 'b' : 'a')));

        // Taken back, and shown anew, the old address leads nowhere.
        $this->signIn('ida');
        $this->must(PassportView::class, 'DELETE', "/api/passports/{$passport->id}/care-page");
        self::assertSame(404, $this->ask('GET', "/api/care/$address"));
        $anew = $this->must(PassportView::class, 'POST', "/api/passports/{$passport->id}/care-page");
        self::assertNotSame($address, $anew->address);
        self::assertSame(404, $this->ask('GET', "/api/care/$address"));
        self::assertSame(200, $this->ask('GET', "/api/care/{$anew->address}"));
    }

    public function testWhoGuessesAddressesIsNotAnsweredAnyMore(): void
    {
        $id = $this->plannedPair();
        $passport = $this->must(PassportView::class, 'GET', "/api/pieces/$id/passport")->id;
        $address = $this->must(PassportView::class, 'POST', "/api/passports/$passport/care-page")->address;
        for ($i = 0; $i < 20; ++$i) {
            self::assertSame(404, $this->ask('GET', "/api/care/$passport-guess$i"));
        }
        self::assertSame(429, $this->ask('GET', "/api/care/$address"), 'a right one is not shown either');
        $this->clock->sleep(16 * 60);
        self::assertSame(200, $this->ask('GET', "/api/care/$address"));
    }

    public function testItGoesToAnotherOwnerOnceItHasGoneHome(): void
    {
        $ticket = $this->ticket('Odile Marchetti', 'odile@example.org');
        $his = ['customer' => 'Bruno Achterberg', 'contact' => '0664 9'] + $this->ticketBody('boot/ankle');
        $this->must(TicketView::class, 'POST', '/api/tickets', $his, 201);
        $piece = $ticket->pieces[0]->id;
        $passport = $this->must(PassportView::class, 'GET', "/api/pieces/$piece/passport");
        $passport = $this->must(PassportView::class, 'POST', "/api/passports/{$passport->id}/care-page");
        $bruno = $this->must(OwnerListView::class, 'GET', '/api/owners/all?find=Bruno')->owners[0]->id;
        $give = fn (): array => ['version' => $this->must(PassportView::class, 'GET', "/api/passports/{$passport->id}")->version, 'to' => $bruno];
        self::assertStringContainsString('gone home', $this->refused(409, 'PUT', "/api/passports/{$passport->id}/owner", $give())->detail);
        $this->callOff($ticket);
        $his = $this->must(PassportView::class, 'PUT', "/api/passports/{$passport->id}/owner", $give());
        self::assertSame([$bruno, null], [$his->owner, $his->address]);
        self::assertSame(404, $this->ask('GET', "/api/care/{$passport->address}"), 'who had the address sees nothing more');
        $this->refused(422, 'PUT', "/api/passports/{$passport->id}/owner", $give());
        // The counter offers it to who has it now, and to nobody else; taken in again it is on its passport.
        $offered = fn (string $who): array => $this->must(OwnersView::class, 'GET', '/api/owners?find='.rawurlencode($who))->owners[0]->pieces;
        self::assertSame([], $offered('Odile'));
        self::assertContains($piece, array_map(static fn ($p): int => $p->id, $offered('Bruno')));
        $again = $this->must(TicketView::class, 'POST', '/api/intake', [
            'ticket' => ['customer' => 'Bruno Achterberg', 'contact' => '0664 9'] + $this->ticketBody(), 'with' => [['like' => $piece]],
        ], 201)->pieces[0]->id;
        self::assertSame($passport->id, $this->must(PassportView::class, 'GET', "/api/pieces/$again/passport")->id);
    }

    public function testErasedNothingOfThemIsLeftInTheWholeDatabase(): void
    {
        $ticket = $this->must(TicketView::class, 'POST', '/api/tickets', [
            'customer' => 'Odile Marchetti', 'contact' => 'odile@example.org', 'wish' => 'For Odile Marchetti’s wedding.',
        ] + $this->ticketBody(), 201);
        $piece = $ticket->pieces[0]->id;
        $this->must(OwnerListView::class, 'GET', '/api/owners/all');
        self::assertSame(200, $this->ask('POST', "/api/pieces/$piece/notes", ['text' => 'Odile Marchetti rang: not before Friday.']));
        $this->photographed($piece);
        $this->wordsAbout($piece);
        $this->ask('GET', '/api/bench');
        $id = $this->must(OwnerListView::class, 'GET', '/api/owners/all')->owners[0]->id;
        self::assertStringContainsString('still here', $this->refused(409, 'DELETE', "/api/owners/$id")->detail);
        $this->callOff($ticket);

        self::assertSame(200, $this->ask('GET', "/api/owners/$id/archive.zip"));
        self::assertNotSame([], $this->said('Marchetti'));
        $erased = $this->must(OwnerDetailsView::class, 'DELETE', "/api/owners/$id");
        self::assertSame([true, []], [$erased->erased, $erased->ways]);
        self::assertSame([], $this->said('Marchetti'));
        self::assertSame([], $this->said('odile@example.org'));
        self::assertSame([], $this->said('wedding'));
        self::assertSame('…’s toe', $this->connection()->fetchOne('SELECT name FROM pot'), 'what else hands wrote stays');
        self::assertGreaterThan(0, $this->rows('remembered_answer'), 'so that nothing is done twice');
        self::assertSame(0, $this->rows('picture'));
        self::assertSame(1, $this->rows('ticket'), 'what the workshop did stays');
        self::assertSame([], $this->must(OwnerListView::class, 'GET', '/api/owners/all')->owners);
        $this->refused(409, 'PUT', "/api/owners/$id", ['version' => $erased->version, 'name' => 'Odile']);
    }

    public function testPicturesAreForgottenOnceAPieceHasGoneHomeWhereTheyMayNotBeKept(): void
    {
        [$his, $hers] = [$this->ticket('Bruno Achterberg', '0664 9')->pieces[0]->id, $this->ticket('Odile Marchetti', 'o@example.org')->pieces[0]->id];
        $this->photographed($his);
        $this->photographed($hers);
        $taken = $this->rows('picture');
        $this->connection()->executeStatement("UPDATE owner SET may_keep_pictures = 0 WHERE name = 'Bruno Achterberg'");
        $chore = self::getContainer()->get(ForgetPictures::class);
        $chore->round();
        self::assertSame($taken, $this->rows('picture'), 'it is here still');
        $this->connection()->executeStatement('UPDATE piece SET collected_at = ?', [$this->clock->now()->format('Y-m-d H:i:s')]);
        $this->clock->sleep(86400);
        $chore->round();
        self::assertSame($taken, $this->rows('picture'), 'it may have gone by mistake');
        $this->clock->sleep(86400 + 1);
        $chore->round();
        $left = Row::all($this->connection(), 'SELECT DISTINCT piece_id FROM picture');
        self::assertSame([$hers], array_map(static fn (Row $r): int => $r->int('piece_id'), $left));
    }

    public function testAYearOfCareCostsWhatIsOnTheShelf(): void
    {
        $id = $this->plannedPair();
        $before = $this->must(PassportView::class, 'GET', "/api/pieces/$id/passport")->careCost;
        self::assertNull($before->materialCents, 'nobody has said what a pack costs');
        self::assertGreaterThan(60, $before->ownMinutes);
        self::assertGreaterThan(0, $before->shopCents);
        foreach (['conditioner', 'cream', 'repellent'] as $family) {
            $this->must(ProductSheetView::class, 'POST', '/api/products', [
                'name' => $family, 'family' => $family, 'unit' => 'ml', 'pack' => 100, 'packCents' => 900,
            ], 201);
        }
        self::assertGreaterThan(0, $this->must(PassportView::class, 'GET', "/api/pieces/$id/passport")->careCost->materialCents);
    }

    public function testTheArchiveHoldsAllThatIsKnown(): void
    {
        $ticket = $this->ticket('Odile Marchetti', 'odile@example.org');
        $id = $this->must(OwnerListView::class, 'GET', '/api/owners/all')->owners[0]->id;
        self::assertSame(200, $this->ask('GET', "/api/owners/$id/archive.zip"));
        $path = (string) tempnam(sys_get_temp_dir(), 'archive');
        file_put_contents($path, $this->client->getInternalResponse()->getContent());
        $zip = new \ZipArchive();
        self::assertTrue($zip->open($path));
        /** @var array{name: string, ways: list<array{at: string}>, pieces: list<array{name: string}>, ledger: list<mixed>} $document */
        $document = json_decode((string) $zip->getFromName('owner.json'), true, flags: \JSON_THROW_ON_ERROR);
        self::assertSame(['Odile Marchetti', 'odile@example.org'], [$document['name'], $document['ways'][0]['at']]);
        self::assertSame($ticket->pieces[0]->name, $document['pieces'][0]['name']);
        self::assertNotSame([], $document['ledger']);
        self::assertSame(['ledger_entry.text'], $this->said('was given out to them'), 'it is logged');
        unlink($path);
    }

    public function testAVisitThatPutsAnEarlierOneRightSaysWhatFailedAndWhy(): void
    {
        $first = $this->plannedPair(aim: 'recolour');
        $call = $this->workUntil('Paint');
        $this->doCall($call);
        $passport = $this->must(PassportView::class, 'GET', "/api/pieces/$first/passport");
        $again = $this->must(TicketView::class, 'POST', '/api/intake', ['ticket' => $this->ticketBody(), 'with' => [['like' => $first]]], 201)->pieces[0]->id;
        $causes = $this->must(CausesView::class, 'GET', "/api/pieces/$first/causes/peels");
        self::assertSame([Cause::FatBelow, Cause::NotDegreased, Cause::NotKeyed], array_map(static fn ($c): Cause => $c->cause, $causes->causes));
        self::assertNull($causes->causes[1]->sign, 'it was degreased within the hour');
        self::assertNotSame([], array_filter($causes->coats, static fn (string $c): bool => str_contains($c, 'Paint') && str_contains($c, 'by Ida')));

        // As if the clock had stood still over lunch in between.
        $this->connection()->executeStatement(
            "UPDATE plan_step SET ended_at = ended_at - INTERVAL 3 HOUR WHERE piece_id = ? AND status = 'done' AND family IN ('alcohol', 'deglosser')",
            [$first],
        );
        $late = $this->must(CausesView::class, 'GET', "/api/pieces/$first/causes/peels");
        self::assertSame(Cause::NotDegreased, $late->causes[0]->cause, 'the record shows it');
        self::assertStringContainsString('more than an hour', (string) $late->causes[0]->sign);

        $back = ['visit' => $first, 'fault' => 'peels', 'cause' => 'not-degreased'];
        $tied = $this->must(PassportView::class, 'PUT', "/api/pieces/$again/came-back", $back);
        self::assertSame(['peels in sheets', 'not degreased, or too long before'], [$tied->visits[0]->fault, $tied->visits[0]->cause]);
        self::assertNotNull($tied->visits[0]->mended);
        $this->refused(422, 'PUT', "/api/pieces/$again/came-back", ['cause' => 'dust'] + $back);
        self::assertSame([], $this->must(WhatComesBackView::class, 'GET', '/api/comes-back')->products, 'what it came from is not finished yet');
        $this->plannedPair();
        $this->connection()->executeStatement('UPDATE piece SET finished_at = ? WHERE id <> ?', [$this->clock->now()->format('Y-m-d H:i:s'), $again]);
        $all = $this->must(WhatComesBackView::class, 'GET', '/api/comes-back');
        self::assertSame([2, [$again]], [$all->pieces, array_map(static fn ($b): int => $b->piece, $all->back)]);
        $paint = self::firstOf($all->products, static fn ($s): bool => 'leather paint' === $s->what);
        self::assertSame([1, 1], [$paint->pieces, $paint->back]);
        self::assertContains('spring', array_map(static fn ($s): string => $s->what, $all->seasons));
        self::assertSame([2, 1], [$all->seasons[0]->pieces, $all->seasons[0]->back]);
        $this->refused(422, 'PUT', "/api/pieces/$first/came-back", ['visit' => $again] + $back);
        self::assertNull($this->must(PassportView::class, 'DELETE', "/api/pieces/$again/came-back")->visits[0]->fault);
        self::assertSame($passport->id, $tied->id);
    }

    public function testHowItWasDoneLastTimeIsFoundByKindMaterialAndFindings(): void
    {
        [$same, $clean] = [$this->plannedPair(), $this->ticket('Bruno Achterberg', '')->pieces[0]->id];
        $boots = $this->must(TicketView::class, 'POST', '/api/tickets', $this->ticketBody('boot/lace'), 201)->pieces[0]->id;
        $this->doCall($this->workUntil('Wipe with a barely damp cloth'));
        $this->connection()->executeStatement('UPDATE piece SET finished_at = ?', [$this->clock->now()->format('Y-m-d H:i:s')]);
        $asked = $this->plannedPair();
        $this->connection()->executeStatement('UPDATE piece SET finished_at = NULL WHERE id = ?', [$asked]);
        $like = $this->must(LikeJobsView::class, 'GET', "/api/pieces/$asked/like")->jobs;
        self::assertSame($same, $like[0]->piece);
        self::assertSame(1.0, $like[0]->likeness);
        self::assertContains('barely damp cloth', $like[0]->done);
        self::assertGreaterThan(0, $like[0]->minutes);
        self::assertNotContains($boots, array_map(static fn ($j): int => $j->piece, $like), 'another family');
        self::assertNotContains($asked, array_map(static fn ($j): int => $j->piece, $like));
        self::assertLessThan(1.0, array_column($like, 'likeness', 'piece')[$clean] ?? 0.0);
        $this->refused(404, 'GET', '/api/pieces/999999/like');
    }

    public function testAPassportOfThirtyVisitsAsksNoMoreOfTheDatabaseThanOneOfOne(): void
    {
        $first = $this->ticket('Odile Marchetti', 'odile@example.org')->pieces[0]->id;
        $passport = $this->must(PassportView::class, 'GET', "/api/pieces/$first/passport")->id;
        for ($i = 0; $i < 4; ++$i) {
            $this->must(TicketView::class, 'POST', '/api/intake', [
                'ticket' => ['customer' => 'Odile Marchetti', 'contact' => 'odile@example.org'] + $this->ticketBody(), 'with' => [['like' => $first]],
            ], 201);
        }
        $look = function () use ($passport): void {
            self::getContainer()->get('doctrine')->getManager()->clear();
            self::assertSame(200, $this->ask('GET', "/api/passports/$passport"));
        };
        // Two of them find out who asks.
        self::assertLessThanOrEqual(12, $this->statements($look));
    }

    public function testAVisitShowsOnePlaceBeforeAndAfter(): void
    {
        $id = $this->plannedPair();
        foreach ([['before', 'left', 'heel'], ['before', 'right', 'heel'], ['after', 'right', 'sole'], ['after', 'right', 'heel']] as [$moment, $half, $side]) {
            $this->connection()->executeStatement(
                'INSERT INTO picture (piece_id, moment, half, side, digest, width, height, by_id, at) SELECT ?, ?, ?, ?, ?, 4, 3, MIN(id), ? FROM person',
                [$id, $moment, $half, $side, str_repeat('0', 64), $this->clock->now()->format('Y-m-d H:i:s')],
            );
        }
        $this->connection()->executeStatement("DELETE FROM picture WHERE moment = 'before' AND side <> 'heel'");
        $visit = $this->must(PassportView::class, 'GET', "/api/pieces/$id/passport")->visits[0];
        foreach (['before' => $visit->before, 'after' => $visit->after] as $moment => $address) {
            self::assertSame(1, preg_match('#/pictures/(\d+)/#', (string) $address, $found));
            $picture = Row::first($this->connection(), 'SELECT moment, half, side FROM picture WHERE id = ?', [$found[1] ?? 0]);
            self::assertSame([$moment, 'right', 'heel'], [$picture?->text('moment'), $picture?->text('half'), $picture?->text('side')], 'the same place');
        }
        $this->connection()->executeStatement("DELETE FROM picture WHERE moment = 'after'");
        $visit = $this->must(PassportView::class, 'GET', "/api/pieces/$id/passport")->visits[0];
        self::assertNotNull($visit->before, 'what there is is shown');
        self::assertNull($visit->after);
    }

    private function ticket(string $customer, string $contact): TicketView
    {
        return $this->must(TicketView::class, 'POST', '/api/tickets', ['customer' => $customer, 'contact' => $contact] + $this->ticketBody(), 201);
    }

    /** All that hands may write of a piece: where a colour was read, a pot, what else was found and who answered. */
    private function wordsAbout(int $piece): void
    {
        $this->must(PieceView::class, 'PUT', "/api/pieces/$piece/parts", [
            'version' => 1, 'places' => [['half' => 'left', 'part' => 'toe']], 'material' => 'pigmented', 'certainty' => 'known',
        ]);
        $reading = $this->must(PieceColourView::class, 'POST', "/api/pieces/$piece/readings", [
            'half' => 'left', 'part' => 'toe', 'spot' => 'sound', 'source' => 'typed', 'labs' => [[46.0, 15.0, 25.0]],
            'whereabouts' => 'where Marchetti rubbed it',
        ], 201)->readings[0];
        $pot = $this->must(PotView::class, 'POST', '/api/pots', ['name' => 'Odile Marchetti’s toe', 'target' => $reading->id], 201);
        $this->must(PotView::class, 'POST', '/api/pots', ['name' => 'Sand’s toe', 'target' => $reading->id], 201);
        $this->must(PotView::class, 'PUT', "/api/pots/{$pot->id}/name", ['version' => $pot->version, 'name' => 'Marchetti’s toe']);
        $more = $this->must(OfferView::class, 'POST', "/api/pieces/$piece/supplements", ['what' => 'Mme Marchetti’s heel is loose', 'minutes' => 20], 201);
        $answer = ['agreed' => true, 'by' => 'Odile Marchetti', 'how' => 'by telephone'];
        $this->must(OfferView::class, 'PUT', "/api/pieces/$piece/supplements/{$more->supplements[0]->id}", $answer);
        foreach (['reading.whereabouts', 'pot.name', 'supplement.what', 'supplement.answered_by'] as $where) {
            self::assertContains($where, $this->said('Marchetti'));
        }
    }

    private function callOff(TicketView $ticket): void
    {
        $pieces = array_map(static fn ($p): int => $p->id, $ticket->pieces);
        self::assertSame(200, $this->ask('POST', "/api/tickets/{$ticket->id}/call-off", ['pieces' => $pieces, 'what' => 'given-back', 'why' => 'Not now.']));
    }

    /** @return list<string> every column of every table in which a word stands */
    private function said(string $word): array
    {
        $found = [];
        foreach ($this->connection()->fetchAllAssociative(
            "SELECT table_name AS t, column_name AS c FROM information_schema.columns WHERE table_schema = DATABASE()
             AND data_type IN ('varchar', 'char', 'text', 'mediumtext', 'longtext', 'blob', 'mediumblob', 'longblob', 'json')",
        ) as $column) {
            ['t' => $table, 'c' => $name] = $column;
            \assert(\is_string($table) && \is_string($name));
            if (false !== $this->connection()->fetchOne("SELECT 1 FROM `$table` WHERE CONVERT(`$name` USING utf8mb4) LIKE ? LIMIT 1", ["%$word%"])) {
                $found[] = "$table.$name";
            }
        }

        return $found;
    }
}

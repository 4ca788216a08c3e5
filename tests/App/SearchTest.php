<?php

declare(strict_types=1);

namespace KindHeel\Tests\App;

use KindHeel\App\Counter\TicketView;
use KindHeel\App\Owner\OwnerDetailsView;
use KindHeel\App\Owner\OwnerListView;
use KindHeel\App\Owner\PassportView;
use KindHeel\App\Search\FoundJobsView;
use KindHeel\App\Search\FoundJobView;
use KindHeel\App\Search\PieceWords;

/** The ledger answers: by any word that is known of a piece, and by its marks. */
final class SearchTest extends ApiTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn('ida');
    }

    public function testAJobIsFoundByAnyWordThatIsKnownOfIt(): void
    {
        $pair = $this->plannedPair();
        $boots = $this->must(TicketView::class, 'POST', '/api/tickets', [
            'customer' => 'Émile Brontë', 'contact' => '', 'wish' => 'For the storm scene.',
        ] + $this->ticketBody('boot/lace'), 201)->pieces[0]->id;
        self::assertSame(200, $this->ask('POST', "/api/pieces/$pair/notes", ['text' => 'The left heel block sounds hollow.']));
        self::assertSame([$pair], $this->ids('hollow'));
        self::assertSame([$pair], $this->ids('HOLL'), 'by how it begins, whichever letters');
        self::assertSame([$boots], $this->ids('emile bronte'), 'whatever their accents');
        self::assertSame([$boots], $this->ids('storm'), 'in the owner’s words');
        self::assertSame([$boots, $pair], $this->ids('', ''), 'all, the newest first');
        self::assertSame([$pair], $this->ids('scuff'));
        self::assertSame([$pair], $this->ids('scuff hollow'));
        self::assertSame([$boots], $this->ids('boot'), 'as it begins');
        self::assertSame(200, $this->ask('POST', "/api/pieces/$boots/notes", ['text' => 'Scuffed at the back.']));
        self::assertSame([$boots, $pair], $this->ids('scuff'));
        self::assertSame([$boots], $this->ids('scuff storm'));
        self::assertSame([$pair], $this->ids('lamplighter hollow', '&family=low-shoe'));
        self::assertSame([], $this->ids('hollow storm'), 'every word');
        self::assertSame([$pair], $this->ids('“block sounds” hollow'), 'a phrase in quotation marks');
        self::assertSame([$pair], $this->ids('"heel BLOCK"'));
        self::assertSame([], $this->ids('"sounds block"'), 'in this order');
        self::assertSame(['The left heel block sounds hollow.'], array_map(static fn ($l): string => $l->text, $this->jobs('"block sounds"')[0]->lines));
        self::assertSame([$pair], $this->ids('hollow', '&until=2040-01-01'));
        self::assertSame([], $this->ids('hollow', '&from=2040-01-01'));
        self::assertSame([$pair], $this->ids('the hollow'), 'words that everybody uses are passed over');
        self::assertSame([], $this->ids('"+-*()~<>@ ,'));
        self::assertSame([], $this->ids('of'), 'too short to be looked up');
        $job = $this->jobs('hollow')[0];
        self::assertSame(['The left heel block sounds hollow.'], array_map(static fn ($l): string => $l->text, $job->lines));
        self::assertSame('Ida', $job->lines[0]->person);
        self::assertNotSame([], $job->found);

        // What is said from now on is found as well, and in the same look what was put right is not found by the old word.
        self::assertSame(200, $this->ask('POST', "/api/pieces/$boots/notes", ['text' => 'Hollow as well.']));
        self::assertSame([$boots, $pair], $this->ids('hollow'));
    }

    public function testMarksAreKindMaterialFindingProductPersonPeriodAndWhatCameBack(): void
    {
        $pair = $this->plannedPair();
        $this->doCall($this->workUntil('Wipe with a barely damp cloth'));
        $this->clock->sleep(3 * 86400);
        $this->signIn('nell');
        $later = $this->plannedPair();
        self::assertSame([$later, $pair], $this->ids('', '&kind=low-shoe/derby'));
        self::assertSame([], $this->ids('', '&kind=low-shoe/oxford'), 'no mark is another that begins alike');
        self::assertSame([], $this->ids('', '&family=boot'));
        self::assertSame([$later, $pair], $this->ids('', '&material=pigmented'));
        self::assertSame([], $this->ids('', '&material=suede'));
        self::assertSame([$pair], $this->ids('', '&product=damp-cloth'));
        $nell = array_column($this->must(FoundJobsView::class, 'GET', '/api/jobs')->people, 'id', 'name')['Nell'];
        self::assertSame([$later], $this->ids('', "&person=$nell"));
        self::assertSame([$pair], $this->ids('', '&until=2026-03-03'));
        self::assertSame([$later], $this->ids('', '&from=2026-03-04'));
        self::assertSame([], $this->ids('', '&back=1'));
        $this->must(PassportView::class, 'GET', "/api/pieces/$pair/passport");
        $again = $this->must(TicketView::class, 'POST', '/api/intake', ['ticket' => $this->ticketBody(), 'with' => [['like' => $pair]]], 201)->pieces[0]->id;
        $this->connection()->executeStatement("UPDATE plan_step SET status = 'done', family = 'wax', ended_at = NOW() WHERE piece_id = ?", [$pair]);
        $this->must(PassportView::class, 'PUT', "/api/pieces/$again/came-back", ['visit' => $pair, 'fault' => 'peels']);
        self::assertSame([$again], $this->ids('peels', '&back=1'));
        self::assertSame('peels in sheets', $this->jobs('', '&back=1')[0]->fault);
        $this->refused(422, 'GET', '/api/jobs?from=yesterday');
        $this->refused(422, 'GET', '/api/jobs?product=paste');
    }

    public function testAllOfItIsATable(): void
    {
        $this->plannedPair();
        $this->must(TicketView::class, 'POST', '/api/tickets', ['customer' => '=SUM(A1)', 'contact' => ''] + $this->ticketBody('boot/lace'), 201);
        self::assertSame(200, $this->ask('GET', '/api/jobs.csv?family=boot'));
        $csv = explode("\n", trim($this->content()));
        self::assertCount(2, $csv, 'what was asked for, and a head');
        self::assertStringContainsString("'=SUM(A1)", $csv[1], 'nothing that another program would reckon with');
    }

    public function testPagesFollowEachOtherAndAskAsMuchOfTheDatabase(): void
    {
        for ($i = 0; $i < 23; ++$i) {
            $this->must(TicketView::class, 'POST', '/api/tickets', $this->ticketBody(), 201);
        }
        $this->ids('');
        $first = $this->must(FoundJobsView::class, 'GET', '/api/jobs?find=lamplighter');
        $second = $this->must(FoundJobsView::class, 'GET', '/api/jobs?find=lamplighter&page=1');
        self::assertSame([20, true, 3, false], [\count($first->jobs), $first->more, \count($second->jobs), $second->more]);
        $ids = array_map(static fn (FoundJobView $j): int => $j->piece, [...$first->jobs, ...$second->jobs]);
        self::assertCount(23, array_unique($ids));
        // Two of them find out who asks.
        self::assertLessThanOrEqual(10, $this->statements(fn () => $this->ask('GET', '/api/jobs?find=lamplighter')));
    }

    public function testErasedNothingIsFoundAnyMore(): void
    {
        $ticket = $this->must(TicketView::class, 'POST', '/api/tickets', ['customer' => 'Odile Marchetti', 'contact' => ''] + $this->ticketBody(), 201);
        $piece = $ticket->pieces[0]->id;
        self::assertSame([$piece], $this->ids('marchetti'));
        $this->connection()->executeStatement('UPDATE piece SET finished_at = NOW(), collected_at = NOW()');
        self::getContainer()->get('doctrine')->getManager()->clear();
        $this->must(OwnerDetailsView::class, 'DELETE', '/api/owners/'.$this->must(OwnerListView::class, 'GET', '/api/owners/all')->owners[0]->id);
        self::assertSame([], $this->ids('marchetti'));
        self::assertSame([$piece], $this->ids('lamplighter'), 'what the workshop did stays');
    }

    public function testPiecesFromBeforeThereWereWordsAreTakenAFewAtATime(): void
    {
        foreach (range(1, 5) as $n) {
            $this->must(TicketView::class, 'POST', '/api/tickets', $this->ticketBody(), 201);
        }
        $words = self::getContainer()->get(PieceWords::class);
        self::assertSame([3, 2, 0], [$words->freshen(3), $words->freshen(3), $words->freshen(3)]);
        $this->connection()->executeStatement('DELETE FROM piece_text WHERE piece_id < (SELECT MAX(id) FROM piece)');
        $this->connection()->executeStatement('UPDATE piece_text SET upto = upto + 1000');
        self::assertSame(0, $words->freshen(), 'nothing has been written since');
        $words->round();
        self::assertSame(5, $this->rows('piece_text'));
    }

    /** @return list<int> */
    private function ids(string $find, string $marks = ''): array
    {
        return array_map(static fn (FoundJobView $j): int => $j->piece, $this->jobs($find, $marks));
    }

    /** @return list<FoundJobView> */
    private function jobs(string $find, string $marks = ''): array
    {
        return $this->must(FoundJobsView::class, 'GET', '/api/jobs?find='.rawurlencode($find).$marks)->jobs;
    }
}

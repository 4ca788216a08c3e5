<?php

declare(strict_types=1);

namespace KindHeel\Tests\App;

use KindHeel\App\Bench\BenchView;
use KindHeel\App\Counter\TicketView;
use KindHeel\App\Database\Row;
use KindHeel\App\Job\StepStatus;
use KindHeel\App\Ledger\LedgerView;
use KindHeel\App\Offer\CareYearView;
use KindHeel\App\Offer\FiguresView;
use KindHeel\App\Offer\InvoicesView;
use KindHeel\App\Offer\LineView;
use KindHeel\App\Offer\OfferView;
use KindHeel\App\Offer\PriceTermsView;
use KindHeel\App\Offer\WayView;
use KindHeel\App\OwnerPage\OwnerPageView;
use KindHeel\App\Plan\PlanView;
use KindHeel\App\Promise\PromiseView;
use KindHeel\App\Promise\WayDateView;
use KindHeel\Core\Assessment\Aim;
use KindHeel\Core\Offer\Meaning;
use KindHeel\Core\Offer\Worth;

/** Three ways before an owner, the one that is taken, what is found beside, what is to be paid, and what it really took. */
final class OfferTest extends ApiTestCase
{
    private const TERMS = [
        'currency' => 'EUR', 'rate' => '60', 'byPerson' => false, 'kinds' => [], 'people' => [], 'markup' => '30', 'waste' => '10', 'overhead' => '0',
        'consumables' => '0', 'minimum' => '0', 'rush' => '25', 'tax' => '20', 'roundTo' => '0', 'fixed' => [],
    ];

    public function testThreeWaysLieBesideEachOtherFromTheLeastToTheMost(): void
    {
        $this->terms();
        $this->signIn();
        $id = $this->plannedPair();
        $offer = $this->offer($id, 20000);
        self::assertSame([Aim::Keep, Aim::Freshen, Aim::Restore], array_map(static fn (WayView $w): Aim => $w->aim, $offer->ways));
        foreach ($offer->ways as $way) {
            self::assertNull($way->cannot);
            self::assertSame($way->gross, $way->net + $way->tax + $way->rounding);
            self::assertSame($way->net, array_sum(array_map(static fn (LineView $l): int => $l->cents, $way->lines)) + $way->overhead + $way->rush);
            // One money a minute, and no materials are priced: the minutes of the work are its price.
            self::assertEqualsWithDelta(100 * $way->minutes, $way->net, 60);
            self::assertLessThanOrEqual($way->gross, $way->low);
            self::assertGreaterThanOrEqual($way->gross, $way->high);
            self::assertSame((int) round($way->gross / 200.0), $way->share);
            self::assertNotSame([], $way->care);
        }
        self::assertLessThan($offer->ways[2]->gross, $offer->ways[0]->gross);
        $lines = implode(' ', array_map(static fn (LineView $l): string => $l->what, $offer->ways[2]->lines));
        self::assertStringContainsString('The scuff on the left toe', $lines);
        self::assertStringContainsString('scuff', implode(' ', $offer->ways[0]->stays), 'kept, it stays');
        self::assertSame(['It stays as it is. Nothing of what was found gets worse by waiting.'], $offer->leave);
        $date = $this->must(WayDateView::class, 'GET', "/api/pieces/$id/offer/restore/date");
        self::assertGreaterThan($this->clock->now()->format('Y-m-d'), (string) $date->certain);
    }

    public function testWhatTheOwnerTakesBecomesTheAgreementAndThePlan(): void
    {
        $this->terms();
        $this->signIn();
        $id = $this->plannedPair();
        $offer = $this->offer($id, null);
        self::assertNull($offer->ways[0]->advice, 'against nothing nothing is said');
        $before = \count($this->must(PlanView::class, 'GET', "/api/pieces/$id/plan")->steps);
        $taken = $this->must(OfferView::class, 'PUT', "/api/pieces/$id/offer/$offer->id", ['version' => $offer->version, 'aim' => 'restore']);
        self::assertSame([Aim::Restore, Aim::Restore, false], [$taken->chosen, $taken->aim, $taken->outdated]);
        $plan = $this->must(PlanView::class, 'GET', "/api/pieces/$id/plan");
        self::assertSame(Aim::Restore, $plan->aim);
        self::assertNotSame($before, \count($plan->steps));
        $page = $this->must(OwnerPageView::class, 'GET', "/api/pieces/$id/owner-page");
        self::assertStringContainsString(\sprintf('EUR %d.%02d', intdiv($offer->ways[2]->gross, 100), $offer->ways[2]->gross % 100), (string) $page->price);
        $strokes = [array_map(static fn (int $i): array => [20 + 10 * $i, 100], range(0, 11))];
        $this->must(OwnerPageView::class, 'POST', "/api/pieces/$id/signature", ['version' => $page->version, 'signedBy' => 'Mirela', 'strokes' => $strokes]);
        self::assertStringContainsString('It costs about EUR', (string) json_encode($this->connection()->fetchFirstColumn('SELECT told FROM agreement')));
        self::assertStringContainsString('Taken: restore for EUR', (string) json_encode($this->must(LedgerView::class, 'GET', "/api/ledger/$id")));
        self::assertStringContainsString('was not laid', $this->refused(422, 'PUT', "/api/pieces/$id/offer/$offer->id", [
            'version' => $taken->version, 'aim' => 'recolour',
        ])->detail);
    }

    public function testAPieceThatWasLookedAtSinceIsReckonedAnewBeforeItIsTaken(): void
    {
        $this->signIn();
        $id = $this->plannedPair();
        $offer = $this->offer($id, null);
        $version = $this->must(\KindHeel\App\Piece\PieceView::class, 'POST', "/api/pieces/$id/findings", self::found($offer->version, [
            'part' => 'vamp', 'half' => 'left', 'kind' => 'crack', 'severity' => 2, 'lengthMm' => 8.0, 'widthMm' => 1.0,
        ]))->version;
        self::assertTrue($this->must(OfferView::class, 'GET', "/api/pieces/$id/offer")->outdated);
        $body = ['version' => $version, 'aim' => 'freshen'];
        self::assertStringContainsString('looked at again', $this->refused(409, 'PUT', "/api/pieces/$id/offer/$offer->id", $body)->detail);
        self::assertStringContainsString('opens further', implode(' ', $this->must(OfferView::class, 'GET', "/api/pieces/$id/offer")->leave));
        $offer = $this->offer($id, null);
        $left = $this->must(OfferView::class, 'PUT', "/api/pieces/$id/offer/$offer->id", ['version' => $offer->version]);
        self::assertSame([true, null], [$left->left, $left->chosen]);
    }

    public function testADearJobOnACheapPieceIsSaidAloudAndAnHeirloomIsNot(): void
    {
        $this->terms();
        $this->signIn();
        $id = $this->plannedPair();
        $says = fn (Meaning $meaning): WayView => $this->offer($id, 2000, $meaning)->ways[2];
        self::assertSame(Worth::SayOutLoud, $says(Meaning::Some)->advice);
        self::assertStringContainsString('you should know that', $says(Meaning::Some)->adviceSays);
        self::assertSame(Worth::Think, $says(Meaning::Heirloom)->advice);
        // Before a day is promised it is said once more, as long as it is what was taken.
        $offer = $this->offer($id, 90000);
        self::assertCount(0, $this->must(PromiseView::class, 'GET', "/api/tickets/$offer->ticket/promise")->aloud, 'it is well worth it');
        $offer = $this->offer($id, 2000);
        $this->must(OfferView::class, 'PUT', "/api/pieces/$id/offer/$offer->id", ['version' => $offer->version, 'aim' => 'restore']);
        $aloud = $this->must(PromiseView::class, 'GET', "/api/tickets/$offer->ticket/promise")->aloud;
        self::assertStringContainsString('you should know that', $aloud[0] ?? '');
    }

    public function testAnOldOfferKeepsItsRatesAndTheHistoryIsKept(): void
    {
        $this->terms();
        $this->signIn();
        $id = $this->plannedPair();
        $offer = $this->offer($id, null);
        $this->signIn('ida');
        $prices = $this->must(PriceTermsView::class, 'GET', '/api/prices');
        self::assertSame(['20', '60.00'], [$prices->tax, $prices->rate]);
        $doubled = $this->must(PriceTermsView::class, 'PUT', '/api/prices', ['rate' => '120,00', 'seen' => $prices->seen] + self::TERMS);
        self::assertSame(['rate: 60.00 → 120.00'], $doubled->history[0]->changed);
        self::assertSame(409, $this->ask('PUT', '/api/prices', ['seen' => $prices->seen] + self::TERMS), 'somebody else has set them meanwhile');
        $this->signIn();
        $same = $this->must(OfferView::class, 'GET', "/api/pieces/$id/offer");
        self::assertSame([$offer->ways[0]->gross, true], [$same->ways[0]->gross, $same->otherTerms]);
        self::assertGreaterThan(1.8 * $same->ways[0]->net, $this->offer($id, null)->ways[0]->net);
    }

    public function testRatesGoByTheKindOfWorkOrByThoseWhoMayDoIt(): void
    {
        $this->terms(['kinds' => ['handling' => '0', 'finishing' => '0', 'cleaning' => '0', 'mending' => '0', 'colouring' => '0']]);
        $this->signIn();
        $id = $this->plannedPair();
        self::assertSame(0, $this->offer($id, null)->ways[0]->net);
        $people = [];
        foreach (Row::all($this->connection(), 'SELECT id FROM person') as $row) {
            $people[$row->int('id')] = '30';
        }
        $this->terms(['byPerson' => true, 'people' => $people]);
        $this->signIn();
        $way = $this->offer($id, null)->ways[0];
        self::assertEqualsWithDelta(50 * $way->minutes, $way->net, 40);
    }

    public function testWhatIsNoSumIsSaidAndNothingIsStored(): void
    {
        $this->signIn('ida');
        foreach ([['rate' => 'much'], ['rate' => '-5'], ['markup' => '501'], ['tax' => 'x'], ['currency' => 'euro'], ['people' => [1 => '1.234']]] as $wrong) {
            $this->refused(422, 'PUT', '/api/prices', $wrong + ['seen' => 0] + self::TERMS);
        }
        self::assertSame(0, $this->rows('price_terms'));
        $this->signIn();
        $id = $this->plannedPair();
        $this->refused(422, 'POST', "/api/pieces/$id/offer", ['version' => 1, 'replaceCents' => -1]);
        $this->refused(409, 'POST', "/api/pieces/$id/offer", ['version' => 1]);
        self::assertSame(0, $this->rows('offer'));
    }

    public function testSomethingMoreIsToldAndAnsweredAndBothAreOnTheInvoice(): void
    {
        $this->terms();
        $this->signIn();
        $id = $this->plannedPair();
        $ticket = $this->must(PlanView::class, 'GET', "/api/pieces/$id/plan")->ticket;
        self::assertStringContainsString('No price was agreed', $this->refused(409, 'POST', "/api/tickets/$ticket/invoice")->detail);
        $offer = $this->offer($id, null);
        $this->must(OfferView::class, 'PUT', "/api/pieces/$id/offer/$offer->id", ['version' => $offer->version, 'aim' => 'freshen']);
        $welt = ['what' => 'The welt is parting too', 'minutes' => 20];
        $more = $this->must(OfferView::class, 'POST', "/api/pieces/$id/supplements", $welt, 201)->supplements[0];
        // Twenty minutes of 60.00 an hour, and a fifth of tax; what a job has once is paid already.
        self::assertSame([2400, null], [$more->grossCents, $more->agreed]);
        $declined = $this->must(OfferView::class, 'POST', "/api/pieces/$id/supplements", ['what' => 'New laces', 'minutes' => 3, 'materialCents' => 400], 201);
        $path = "/api/pieces/$id/supplements/";
        $this->must(OfferView::class, 'PUT', $path.$more->id, ['agreed' => true, 'by' => 'Mirela', 'how' => 'by telephone']);
        $this->must(OfferView::class, 'PUT', $path.$declined->supplements[1]->id, ['agreed' => false, 'by' => 'Mirela']);
        self::assertSame('This has been answered already.', $this->refused(409, 'PUT', $path.$more->id, ['agreed' => false, 'by' => 'X'])->detail);
        $invoice = $this->must(InvoicesView::class, 'POST', "/api/tickets/$ticket/invoice", status: 201)->invoices[0];
        self::assertSame([1, $offer->ways[1]->gross + 2400], [$invoice->number, $invoice->grossCents]);
        self::assertCount(2, $invoice->lines, 'what was declined is not on it');
        self::assertEqualsWithDelta($invoice->grossCents / 6.0, $invoice->taxCents, 0.5);
        self::assertSame($invoice->grossCents, $invoice->netCents + $invoice->taxCents);
        self::assertStringContainsString('already', $this->refused(409, 'POST', "/api/tickets/$ticket/invoice")->detail);
        $paid = $this->must(InvoicesView::class, 'PUT', "/api/invoices/$invoice->id/paid", ['paid' => true, 'how' => 'in cash']);
        self::assertSame('in cash', $paid->invoices[0]->how);
        $this->signIn('ida');
        self::assertSame(200, $this->ask('GET', '/api/invoices.csv'));
        self::assertStringContainsString('The Lantern Players', $this->content());
    }

    public function testInvoicesAreNumberedWithoutAGap(): void
    {
        $this->terms();
        $this->signIn();
        $numbers = [];
        for ($i = 0; $i < 3; ++$i) {
            $id = $this->plannedPair();
            $offer = $this->offer($id, null);
            $this->must(OfferView::class, 'PUT', "/api/pieces/$id/offer/$offer->id", ['version' => $offer->version, 'aim' => 'keep']);
            $numbers[] = $this->must(InvoicesView::class, 'POST', "/api/tickets/$offer->ticket/invoice", status: 201)->invoices[0]->number;
        }
        self::assertSame([1, 2, 3], $numbers);
    }

    public function testAfterwardsRealMinutesStandAgainstTheOffer(): void
    {
        $this->terms();
        $this->signIn();
        $id = $this->plannedPair();
        $offer = $this->offer($id, null);
        $this->must(OfferView::class, 'PUT', "/api/pieces/$id/offer/$offer->id", ['version' => $offer->version, 'aim' => 'freshen']);
        for ($i = 0; $i < 200; ++$i) {
            $bench = $this->must(BenchView::class, 'GET', '/api/bench');
            if ([] === $bench->rack) {
                break;
            }[] === $bench->calls ? $this->clock->sleep(1800) : $this->doCall($bench->calls[0]);
        }
        $plan = $this->must(PlanView::class, 'GET', "/api/pieces/$id/plan");
        self::assertStringContainsString('is done', $this->refused(409, 'POST', "/api/pieces/$id/offer", ['version' => $plan->version])->detail);
        $minutes = array_sum(array_map(static fn ($s): int => StepStatus::Done === $s->status ? (int) $s->tookMinutes : 0, $plan->steps));
        $this->signIn('ida');
        $figures = $this->must(FiguresView::class, 'GET', '/api/figures');
        self::assertSame([$id, (int) $offer->ways[1]->minutes], [$figures->pieces[0]->piece, $figures->pieces[0]->foreseenMinutes]);
        self::assertEqualsWithDelta($minutes, $figures->pieces[0]->realMinutes, 3);
        self::assertEqualsWithDelta($offer->ways[1]->net, $figures->pieces[0]->offeredCents, 1);
        // One money a minute: what the work cost are its minutes.
        self::assertEqualsWithDelta(100 * $figures->pieces[0]->realMinutes, $figures->pieces[0]->workCents, 60);
        self::assertSame($figures->pieces[0]->offeredCents - $figures->pieces[0]->workCents, $figures->pieces[0]->marginCents);
        self::assertSame(['Tomas'], array_map(static fn ($p): string => $p->name, $figures->people));
        self::assertSame(1, array_sum(array_map(static fn ($m): int => $m->pieces, $figures->months)));
        // Waits stand by the air in which they were: that of the tests is even.
        $passed = Row::first($this->connection(), 'SELECT COUNT(*) AS n FROM plan_step WHERE gate_passed_at IS NOT NULL')?->int('n') ?? 0;
        self::assertGreaterThan(0, $passed);
        self::assertSame([['40 to 60 %', $passed]], array_map(static fn ($w): array => [$w->air, $w->waits], $figures->waits));
        self::assertGreaterThanOrEqual($figures->waits[0]->foreseenMinutes, $figures->waits[0]->realMinutes, 'nobody tests before it is time');
    }

    public function testPromisesThatWereKeptAndWhatCameBackAreCountedByMonth(): void
    {
        $this->signIn('ida');
        $ids = [];
        foreach (['kept' => '2026-03-06', 'late' => '2026-03-06', 'to come' => '2026-05-06'] as $name => $day) {
            $body = ['customer' => $name, 'promisedAt' => $day.'T18:00:00+01:00'] + $this->ticketBody();
            $ids[] = $this->must(TicketView::class, 'POST', '/api/tickets', $body, 201)->pieces[0]->id;
        }
        $finished = ['2026-03-06 12:00:00', '2026-03-07 12:00:00', '2026-03-07 12:00:00'];
        foreach ($ids as $i => $id) {
            $this->connection()->executeStatement('UPDATE piece SET finished_at = ? WHERE id = ?', [$finished[$i], $id]);
            $this->connection()->executeStatement("UPDATE plan_step SET status = 'done' WHERE piece_id = ?", [$id]);
        }
        $worked = $this->plannedPair();
        $this->doCall($this->workUntil('Wipe with a barely damp cloth'));
        $this->connection()->executeStatement('UPDATE piece SET mends_id = ? WHERE id = ?', [$ids[0], $worked]);
        $this->clock->modify('2026-03-20T10:00:00+00:00');
        $this->signIn('ida');
        $march = $this->must(FiguresView::class, 'GET', '/api/figures')->months[0];
        self::assertSame(['2026-03', 3, 1, 1], [$march->month, $march->promised, $march->kept, $march->back]);
        self::assertSame(200, $this->ask('GET', '/api/figures.csv'));
        self::assertStringContainsString('2026-03;', $this->content());
    }

    public function testAUsualJobHasAPriceOfItsOwnBesideWhatItWouldCost(): void
    {
        $this->signIn('ida');
        $job = $this->must(PriceTermsView::class, 'GET', '/api/prices')->fixed[0] ?? self::fail('There are usual jobs.');
        $this->terms(['fixed' => [$job->job => '39,50']]);
        $prices = $this->must(PriceTermsView::class, 'GET', '/api/prices');
        self::assertSame(['39.50', 0, null], [$prices->fixed[0]->price, $prices->fixed[0]->done, $prices->fixed[0]->earnedAnHour]);
        $this->signIn();
        $fixed = [];
        foreach (['keep', 'freshen'] as $aim) {
            foreach ($this->offer($this->plannedPair(aim: $aim), null)->ways as $way) {
                $fixed = [...$fixed, ...$way->fixed];
            }
        }
        self::assertSame([3950], array_values(array_unique(array_map(static fn (LineView $l): int => $l->cents, $fixed))));
    }

    public function testWhatCareCostsAYearIsReckonedAndSaid(): void
    {
        $this->signIn('wren');
        $asked = 'everyMonths=9&ownMinutes=25&replaceCents=20000&yearsCaredFor=12&yearsUncaredFor=4';
        $year = $this->must(CareYearView::class, 'GET', '/api/care-of-a-year?'.$asked);
        self::assertSame([1167, 1667, 5000], [$year->ownHands, $year->kept, $year->wornOut]);
        self::assertStringContainsString('Kept by your own hands it costs less', $year->says);
        $this->refused(422, 'GET', '/api/care-of-a-year?everyMonths=0');
    }

    /** @param array<string, mixed> $more */
    private function terms(array $more = []): void
    {
        $this->signIn('ida');
        $seen = $this->must(PriceTermsView::class, 'GET', '/api/prices')->seen;
        $this->must(PriceTermsView::class, 'PUT', '/api/prices', $more + ['seen' => $seen] + self::TERMS);
    }

    private function offer(int $piece, ?int $replaceCents, Meaning $meaning = Meaning::Some): OfferView
    {
        $version = $this->must(OfferView::class, 'GET', "/api/pieces/$piece/offer")->version;

        return $this->must(OfferView::class, 'POST', "/api/pieces/$piece/offer", [
            'version' => $version, 'replaceCents' => $replaceCents, 'meaning' => $meaning->value,
        ], 201);
    }
}

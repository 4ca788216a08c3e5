<?php

declare(strict_types=1);

namespace KindHeel\Tests\App;

use Doctrine\ORM\EntityManagerInterface;
use KindHeel\App\Bench\BenchView;
use KindHeel\App\Plan\PlanView;
use KindHeel\App\Plan\StepView;
use KindHeel\App\Promise\PromiseView;
use KindHeel\App\Shelf\Lot;
use KindHeel\App\Shelf\LotMoveKind;
use KindHeel\App\Shelf\LotSheetView;
use KindHeel\App\Shelf\MoveView;
use KindHeel\App\Shelf\OnPieceView;
use KindHeel\App\Shelf\OrdersView;
use KindHeel\App\Shelf\ProductRowView;
use KindHeel\App\Shelf\ProductSheetView;
use KindHeel\App\Shelf\ShelfView;
use KindHeel\App\Shelf\ShortView;
use KindHeel\App\Shelf\StockState;
use KindHeel\App\Shelf\Takings;
use Symfony\Component\HttpFoundation\File\UploadedFile;

/** The shelf: what is bought, opened, taken, weighed, runs short and is ordered. */
final class ShelfTest extends ApiTestCase
{
    private const CLEANER = [
        'name' => 'Neutral cleaner', 'family' => 'cleaner-neutral', 'unit' => 'ml', 'pack' => 500.0, 'packCents' => 1450, 'supplier' => 'the tannery',
        'leadDays' => 5, 'densityGPerMl' => 1.02, 'emptyPackG' => 62.0,
    ];

    private const POLISH = [
        'name' => 'Chestnut cream', 'family' => 'cream', 'shade' => 'chestnut', 'unit' => 'g', 'pack' => 50.0, 'packCents' => 690, 'supplier' => 'the tannery',
        'leadDays' => 5, 'emptyPackG' => 38.0,
    ];

    public function testAProductIsBoughtOpenedWeighedAndThrownAway(): void
    {
        $this->signIn();
        $product = $this->must(ProductSheetView::class, 'POST', '/api/products', self::CLEANER, 201);
        self::assertSame([0.0, 18, []], [$product->left, $product->keepsMonths, $product->lots]);
        $two = ['packs' => 2, 'batch' => 'K 114', 'place' => 'by the sink'];
        $product = $this->must(ProductSheetView::class, 'POST', "/api/products/$product->id/lots", $two, 201);
        self::assertSame([1000.0, 2, 'K 114', 1450], [$product->left, \count($product->lots), $product->lots[0]->batch, $product->lots[0]->cents]);
        $lot = $product->lots[0]->id;
        $opened = $this->must(LotSheetView::class, 'POST', "/api/lots/$lot/open")->lot;
        self::assertSame($this->clock->now()->format('Y-m-d'), substr((string) $opened->openedAt, 0, 10));
        self::assertSame($this->clock->now()->modify('+18 months')->format('Y-m'), substr((string) $opened->goodUntil, 0, 7));
        self::assertSame('This lot is open already.', $this->refused(409, 'POST', "/api/lots/$lot/open")->detail);
        // 368 g gross, 62 g of pack: 306 g of 1.02 g a millilitre.
        self::assertSame(300.0, $this->must(LotSheetView::class, 'PUT', "/api/lots/$lot/left", ['grossG' => 368.0])->lot->left);
        self::assertStringContainsString('cannot weigh less', $this->refused(422, 'PUT', "/api/lots/$lot/left", ['grossG' => 50.0])->detail);
        self::assertStringContainsString('one of the two', $this->refused(422, 'PUT', "/api/lots/$lot/left", ['grossG' => 368.0, 'left' => 4.0])->detail);
        $this->must(LotSheetView::class, 'POST', "/api/lots/$lot/empty", ['why' => 'it had turned']);
        self::assertSame('This lot has been emptied.', $this->refused(409, 'PUT', "/api/lots/$lot/left", ['left' => 4.0])->detail);
        $sheet = $this->must(ProductSheetView::class, 'GET', "/api/products/$product->id");
        self::assertSame([500.0, false, true], [$sheet->left, null !== $sheet->lots[0]->emptiedAt, null !== $sheet->lots[1]->emptiedAt]);
        self::assertSame([LotMoveKind::Thrown, -300.0, 'it had turned'], [$sheet->moves[0]->kind, $sheet->moves[0]->amount, $sheet->moves[0]->note]);
        $this->must(LotSheetView::class, 'DELETE', "/api/lots/$lot/empty");
        self::assertNull($this->must(LotSheetView::class, 'GET', "/api/lots/$lot")->lot->emptiedAt);
    }

    public function testADoneStepTakesFromTheOldestOpenLotAndTakenBackPutsItBack(): void
    {
        $this->signIn();
        $product = $this->stocked(self::POLISH, 2);
        [$first, $second] = [$product->lots[0]->id, $product->lots[1]->id];
        $this->must(LotSheetView::class, 'POST', "/api/lots/$second/open");
        $id = $this->plannedPair();
        $call = $this->workUntil('Lay chestnut cream polish');
        $takes = $call->takes ?? self::fail('It says what it takes.');
        self::assertSame($product->id, $takes->product);
        $planned = (float) $call->step->amount;
        self::assertSame($planned, $takes->amount);
        $running = $this->must(BenchView::class, 'POST', "/api/steps/{$call->step->id}/start", ['version' => $call->step->version])->calls[0]->step;
        $this->clock->sleep(300);
        $bench = $this->must(BenchView::class, 'POST', "/api/steps/$running->id/done", ['version' => $running->version]);
        self::assertEqualsWithDelta(50.0 - $planned, $this->left($second), 0.1, 'the open one');
        self::assertSame(50.0, $this->left($first));
        $on = $this->must(OnPieceView::class, 'GET', "/api/pieces/$id/products");
        self::assertSame([$second, $running->id, 'Tomas'], [$on->moves[0]->lot, $on->moves[0]->step, $on->moves[0]->by]);
        self::assertSame([$id], array_map(static fn (MoveView $m): ?int => $m->piece, array_values(array_filter(
            $this->must(LotSheetView::class, 'GET', "/api/lots/$second")->moves,
            static fn (MoveView $m): bool => LotMoveKind::Step === $m->kind,
        ))), 'which pieces got this lot');
        // Afterwards: it was the other lot, and more.
        $on = $this->must(OnPieceView::class, 'PUT', "/api/pieces/$id/steps/$running->id/taken", ['amount' => 7.5, 'lot' => $first]);
        self::assertSame([[$first, -7.5]], array_map(static fn (MoveView $m): array => [$m->lot, $m->amount], $on->moves));
        self::assertSame([42.5, 50.0], [$this->left($first), $this->left($second)]);
        $this->must(BenchView::class, 'POST', "/api/steps/$running->id/take-back", ['version' => (int) $bench->lastAct?->version]);
        self::assertSame([50.0, 50.0], [$this->left($first), $this->left($second)]);
        self::assertSame([], $this->must(OnPieceView::class, 'GET', "/api/pieces/$id/products")->moves);
    }

    public function testWhatAnEarlierGoTookStaysGoneWhenTheSecondIsTakenBack(): void
    {
        $this->signIn();
        $lot = $this->stocked(self::POLISH, 1)->lots[0]->id;
        $id = $this->plannedPair();
        $step = $this->workUntil('Lay chestnut cream polish')->step;
        $go = function (float $amount) use ($step): BenchView {
            $version = $this->must(PlanView::class, 'GET', "/api/pieces/$step->piece/plan")->steps;
            $open = self::firstOf($version, static fn (StepView $s): bool => $s->id === $step->id)->version;
            $running = $this->must(BenchView::class, 'POST', "/api/steps/$step->id/start", ['version' => $open])->calls[0]->step;
            $this->clock->sleep(300);

            return $this->must(BenchView::class, 'POST', "/api/steps/$step->id/done", ['version' => $running->version, 'amount' => $amount]);
        };
        $first = $go(4.0);
        $this->must(BenchView::class, 'POST', "/api/steps/$step->id/again", ['version' => (int) $first->lastAct?->version]);
        $this->clock->sleep(60);
        $second = $go(3.0);
        self::assertSame(43.0, $this->left($lot));
        // Said otherwise, it is the second go that was otherwise.
        $on = $this->must(OnPieceView::class, 'PUT', "/api/pieces/$id/steps/$step->id/taken", ['amount' => 2.0, 'lot' => $lot]);
        self::assertSame([-2.0, -4.0], array_map(static fn (MoveView $m): float => $m->amount, $on->moves));
        $this->must(BenchView::class, 'POST', "/api/steps/$step->id/take-back", ['version' => (int) $second->lastAct?->version]);
        self::assertSame(46.0, $this->left($lot));
    }

    public function testWhatAStepOfAnotherPieceTookIsNotSaidHere(): void
    {
        $this->signIn();
        $lot = $this->stocked(self::POLISH, 1)->lots[0]->id;
        $id = $this->plannedPair();
        $step = $this->workUntil('Lay chestnut cream polish')->step;
        $running = $this->must(BenchView::class, 'POST', "/api/steps/$step->id/start", ['version' => $step->version])->calls[0]->step;
        $this->must(BenchView::class, 'POST', "/api/steps/$step->id/done", ['version' => $running->version, 'amount' => 4.0]);
        $this->refused(404, 'PUT', '/api/pieces/'.($id + 1)."/steps/$step->id/taken", ['amount' => 2.0, 'lot' => $lot]);
        self::assertSame(46.0, $this->left($lot));
    }

    public function testHandsMaySayAnotherLotAndAnotherAmountWhenTheyEndAStep(): void
    {
        $this->signIn();
        $product = $this->stocked(self::POLISH, 2);
        $other = $this->stocked(['name' => 'Saddle soap', 'family' => 'soap'] + self::POLISH, 1);
        $this->plannedPair();
        $step = $this->workUntil('Lay chestnut cream polish')->step;
        $running = $this->must(BenchView::class, 'POST', "/api/steps/$step->id/start", ['version' => $step->version])->calls[0]->step;
        $this->clock->sleep(300);
        $done = ['version' => $running->version, 'amount' => 9.0];
        $wrong = $this->refused(422, 'POST', "/api/steps/$step->id/done", $done + ['lot' => $other->lots[0]->id]);
        self::assertStringContainsString('is not what this step lays', $wrong->detail);
        $this->must(BenchView::class, 'POST', "/api/steps/$step->id/done", $done + ['lot' => $product->lots[1]->id]);
        self::assertSame([50.0, 41.0], [$this->left($product->lots[0]->id), $this->left($product->lots[1]->id)]);
        self::assertNotNull($this->must(LotSheetView::class, 'GET', '/api/lots/'.$product->lots[1]->id)->lot->openedAt, 'taken from, it is open');
    }

    public function testMoreThanIsThereIsBookedSaidAndSettledByTheNextWeighing(): void
    {
        $this->signIn();
        $product = $this->stocked(self::POLISH, 1);
        $this->signIn('wren');
        $lot = $product->lots[0]->id;
        $this->must(LotSheetView::class, 'POST', "/api/lots/$lot/taken", ['amount' => 70.0, 'note' => 'the shop floor']);
        self::assertSame(-20.0, $this->left($lot));
        $row = $this->shelf('Chestnut cream');
        self::assertSame([StockState::Out, 0.0], [$row->state, $row->left]);
        $this->must(LotSheetView::class, 'PUT', "/api/lots/$lot/left", ['left' => 35.0]);
        self::assertSame(35.0, $this->left($lot));
        self::assertSame(55.0, $this->must(LotSheetView::class, 'GET', "/api/lots/$lot")->moves[0]->amount);
        self::assertStringContainsString('nothing', $this->refused(422, 'POST', "/api/lots/$lot/taken", ['amount' => -1.0])->detail);
    }

    public function testOfTwoTabletsThatTakeAtOnceBothAreBooked(): void
    {
        $this->signIn();
        $lot = $this->stocked(self::POLISH, 1)->lots[0]->id;
        $entities = self::getContainer()->get(EntityManagerInterface::class);
        // This tablet has looked at the lot; meanwhile the other one takes from it.
        $seen = $entities->find(Lot::class, $lot) ?? self::fail('It stands there.');
        $this->connection()->executeStatement('UPDATE lot SET left_amount = left_amount - 12 WHERE id = ?', [$lot]);
        $entities->wrapInTransaction(static function () use ($seen, $lot): void {
            self::getContainer()->get(Takings::class)->take($seen->product(), 5.0, LotMoveKind::Taken, new \DateTimeImmutable(), null, $lot);
            $seen->put('the window sill');
        });
        self::assertSame(33.0, $this->left($lot));
    }

    public function testAPlanThatWouldRunOutSaysSoBesideWhatOthersHaveSpokenFor(): void
    {
        $this->signIn();
        $first = $this->plannedPair();
        $plan = $this->must(PlanView::class, 'GET', "/api/pieces/$first/plan");
        self::assertCount(0, $plan->short, 'a workshop that keeps no shelf hears nothing of it');
        $product = $this->stocked(self::POLISH, 1);
        $short = $this->must(PlanView::class, 'GET', "/api/pieces/$first/plan")->short;
        $says = implode(' ', array_map(static fn (ShortView $s): string => $s->says, $short));
        self::assertStringNotContainsString('Chestnut cream', $says);
        self::assertStringContainsString('No chestnut wax polish is on the shelf', $says);
        $need = $this->must(ProductSheetView::class, 'GET', "/api/products/$product->id")->reserved;
        self::assertGreaterThan(0.0, $need);
        $this->must(LotSheetView::class, 'PUT', '/api/lots/'.$product->lots[0]->id.'/left', ['left' => 1.5 * $need]);
        self::assertNotContains('Chestnut cream', array_column($this->must(PlanView::class, 'GET', "/api/pieces/$first/plan")->short, 'name'));
        $second = $this->plannedPair();
        $says = $this->shortOf($second);
        self::assertStringContainsString('other plans have spoken for', $says->says);
        self::assertTrue($says->runsOut);
        self::assertSame(StockState::Short, $this->shelf('Chestnut cream')->state);
        $ticket = $this->must(PlanView::class, 'GET', "/api/pieces/$second/plan")->ticket;
        self::assertContains($says->says, array_column($this->must(PromiseView::class, 'GET', "/api/tickets/$ticket/promise")->short, 'says'));
        $this->must(LotSheetView::class, 'PUT', '/api/lots/'.$product->lots[0]->id.'/left', ['left' => 0.2]);
        self::assertSame('Only 0.2 g of “Chestnut cream” is left.', $this->workUntil('Lay chestnut cream polish')->shelf);
    }

    public function testWhatHasBeenOpenForTooLongIsSaidBeforeItIsLaid(): void
    {
        $this->signIn();
        $product = $this->stocked(self::POLISH + ['openedMonths' => 6], 1);
        $this->must(LotSheetView::class, 'POST', '/api/lots/'.$product->lots[0]->id.'/open');
        $this->clock->modify('+7 months');
        $this->signIn();
        $id = $this->plannedPair('2026-12-18T18:00');
        $says = $this->shortOf($id);
        self::assertStringContainsString('was opened 7 months ago; opened it keeps 6', $says->says);
        self::assertFalse($says->runsOut);
        self::assertSame($says->says, $this->workUntil('Lay chestnut cream polish')->shelf);
        self::assertSame(StockState::Old, $this->shelf('Chestnut cream')->state);
    }

    public function testWhatFallsBelowWhatTheWayAndAJobTakeIsOrderedAndReceived(): void
    {
        $this->signIn();
        $product = $this->stocked(self::POLISH, 1);
        $lot = $product->lots[0]->id;
        self::assertSame([], $this->must(OrdersView::class, 'GET', '/api/orders')->toOrder, 'nobody has used any yet');
        $this->must(LotSheetView::class, 'POST', "/api/lots/$lot/taken", ['amount' => 42.0]);
        // 42 g in the least of days, 14: 3 g a day; five days and a job of 42 g.
        $sheet = $this->must(ProductSheetView::class, 'GET', "/api/products/$product->id");
        self::assertSame([42.0, 57.0], [$sheet->usualJob, $sheet->orderBelow]);
        $line = $this->must(OrdersView::class, 'GET', '/api/orders')->toOrder[0];
        // 57 g and thirty days of 3 g are wanted; 8 g are there.
        self::assertSame(['Chestnut cream', 'the tannery', 3, 2070], [$line->name, $line->supplier, $line->packs, $line->cents]);
        $orders = $this->must(OrdersView::class, 'POST', '/api/orders', ['product' => $product->id, 'packs' => 3], 201);
        self::assertSame([[], 3, false], [$orders->toOrder, $orders->onTheWay[0]->packs, $orders->onTheWay[0]->late]);
        $this->clock->modify('+6 days');
        $this->signIn('wren');
        $way = $this->must(OrdersView::class, 'GET', '/api/orders')->onTheWay[0];
        self::assertTrue($way->late, 'it should have been here');
        $orders = $this->must(OrdersView::class, 'POST', "/api/orders/$way->id/received");
        self::assertSame([], $orders->onTheWay);
        self::assertSame(158.0, $this->must(ProductSheetView::class, 'GET', "/api/products/$product->id")->left);
        self::assertSame('This has come in already.', $this->refused(409, 'POST', "/api/orders/$way->id/received")->detail);
        self::assertSame(200, $this->ask('GET', '/api/orders.csv'));
        self::assertSame("\u{FEFF}supplier;product;packs;pack;price", trim($this->content()), 'nothing is to be ordered, and the heads are there');
    }

    public function testASafetySheetIsAWholePdf(): void
    {
        $this->signIn();
        $product = $this->stocked(self::CLEANER, 0);
        $send = function (string $bytes) use ($product): int {
            $path = (string) tempnam(sys_get_temp_dir(), 'sheet');
            file_put_contents($path, $bytes);
            $this->client->request('POST', "/api/products/$product->id/sheet", files: ['file' => new UploadedFile($path, 'sheet.pdf', test: true)], server: [
                'HTTP_ACCEPT' => 'application/json', 'HTTP_X_CSRF_TOKEN' => $this->token(), 'HTTP_IDEMPOTENCY_KEY' => bin2hex(random_bytes(8)),
            ]);

            return $this->client->getResponse()->getStatusCode();
        };
        self::assertSame(422, $send('<script>'));
        self::assertSame(422, $send("%PDF-1.4\ncut o"));
        self::assertSame(404, $this->ask('GET', "/api/products/$product->id/sheet"));
        self::assertSame(200, $send("%PDF-1.4\n1 0 obj << >> endobj\n%%EOF\n"));
        self::assertTrue($this->must(ProductSheetView::class, 'GET', "/api/products/$product->id")->hasSheet);
        self::assertSame(200, $this->ask('GET', "/api/products/$product->id/sheet"));
        self::assertSame('application/pdf', $this->client->getResponse()->headers->get('Content-Type'));
    }

    public function testTheShelfIsShownAgainWhileNothingOfItHasChanged(): void
    {
        $this->signIn();
        $product = $this->stocked(self::POLISH, 1);
        $lot = $product->lots[0]->id;
        $look = fn (): ProductRowView => $this->shelf('Chestnut cream');
        self::assertSame(50.0, $look()->left);
        $few = $this->statements(static fn () => $look());
        foreach ([
            ['PUT', "/api/lots/$lot/left", ['left' => 40.0], 40.0], ['POST', "/api/lots/$lot/taken", ['amount' => 2.5], 37.5],
            ['POST', "/api/products/$product->id/lots", ['packs' => 1], 87.5], ['POST', "/api/lots/$lot/empty", ['why' => 'dry'], 50.0],
        ] as [$method, $path, $body, $left]) {
            self::assertContains($this->ask($method, $path, $body), [200, 201]);
            self::assertSame($left, $look()->left, $path);
            self::assertSame($few, $this->statements(static fn () => $look()), 'as it was last read');
        }
        $id = $this->plannedPair();
        self::assertGreaterThan(0.0, $look()->reserved, 'a plan speaks for it');
        $this->must(OrdersView::class, 'POST', '/api/orders', ['product' => $product->id, 'packs' => 2], 201);
        self::assertSame(2, $look()->ordered);
        self::assertGreaterThan($few, $this->statements(function () use ($look): void {
            $this->clock->modify('+1 hour');
            $look();
        }), 'an hour later it is read anew');
        self::assertGreaterThan(0, $id);
    }

    public function testALargeShelfOpensWithFewQueries(): void
    {
        $this->signIn();
        $rows = $lots = [];
        for ($i = 1; $i <= 400; ++$i) {
            $rows[] = "('p-$i', 'Product $i', '#c8c8c8', 'plain', 'wax', 'g', 100, '', 7, 1, '', 0, '[]', '[]', '', 0)";
            for ($j = 0; $j < 5; ++$j) {
                $lots[] = "((SELECT id FROM product WHERE code = 'p-$i'), 50, 100, '2026-01-0".($j + 1)." 08:00:00', '', '')";
            }
        }
        $this->connection()->executeStatement('INSERT INTO product (code, name, hex, kind, family, unit, pack, supplier, lead_days, density_g_per_ml, '
            .'not_on, retired, absorption, scattering, origin, made_up) VALUES '.implode(', ', $rows));
        $this->connection()->executeStatement('INSERT INTO lot (product_id, left_amount, amount, bought_at, place, batch) VALUES '.implode(', ', $lots));
        self::assertLessThanOrEqual(8, $this->statements(fn () => self::assertCount(400, $this->must(ShelfView::class, 'GET', '/api/shelf')->products)));
    }

    /** @param array<string, mixed> $product */
    private function stocked(array $product, int $packs): ProductSheetView
    {
        $sheet = $this->must(ProductSheetView::class, 'POST', '/api/products', $product, 201);

        return 0 === $packs ? $sheet : $this->must(ProductSheetView::class, 'POST', "/api/products/$sheet->id/lots", ['packs' => $packs], 201);
    }

    private function shortOf(int $piece): ShortView
    {
        $short = $this->must(PlanView::class, 'GET', "/api/pieces/$piece/plan")->short;

        return self::firstOf($short, static fn (ShortView $s): bool => 'Chestnut cream' === $s->name);
    }

    private function left(int $lot): float
    {
        return $this->must(LotSheetView::class, 'GET', "/api/lots/$lot")->lot->left;
    }

    private function shelf(string $name): ProductRowView
    {
        return self::firstOf($this->must(ShelfView::class, 'GET', '/api/shelf')->products, static fn (ProductRowView $p): bool => $p->name === $name);
    }
}

<?php

declare(strict_types=1);

namespace KindHeel\Tests\App;

use KindHeel\App\Colour\CardFoundView;
use KindHeel\App\Colour\CardView;
use KindHeel\App\Colour\CoatsView;
use KindHeel\App\Colour\ColoursView;
use KindHeel\App\Colour\CorrectionView;
use KindHeel\App\Colour\DropView;
use KindHeel\App\Colour\DyesView;
use KindHeel\App\Colour\File\Cgats;
use KindHeel\App\Colour\FitView;
use KindHeel\App\Colour\MeasurementView;
use KindHeel\App\Colour\PictureColourView;
use KindHeel\App\Colour\PieceColourView;
use KindHeel\App\Colour\PotState;
use KindHeel\App\Colour\PotsView;
use KindHeel\App\Colour\PotView;
use KindHeel\App\Colour\RangeDocument;
use KindHeel\App\Colour\RangeTakenView;
use KindHeel\App\Colour\RecipesView;
use KindHeel\App\Colour\SamplesView;
use KindHeel\App\Database\Row;
use KindHeel\App\Ledger\LedgerView;
use KindHeel\App\Picture\PictureStore;
use KindHeel\App\Piece\PieceView;
use KindHeel\App\Plan\PlanView;
use KindHeel\Core\Colour\Pot\Advice;
use KindHeel\Core\Colour\WorkshopCard;
use KindHeel\Tests\Support\HouseRange;
use PHPUnit\Framework\Attributes\DataProvider;

/** Colour at the bench, by the API: read, find, drop, dab, correct, lay, compare. */
final class ColourTest extends ApiTestCase
{
    private const SCUFF = ['half' => 'left', 'part' => 'toe', 'spot' => 'damage'];
    private const SOUND = ['half' => 'left', 'part' => 'toe', 'spot' => 'sound'];

    protected function setUp(): void
    {
        parent::setUp();
        self::getContainer()->get(RangeDocument::class)->take((string) file_get_contents(__DIR__.'/../../demo/house-range.json'));
        $this->signIn();
    }

    public function testAScuffIsBroughtToAnInvisibleSpotByTheNumbersAlone(): void
    {
        $piece = $this->plannedPair();
        $version = $this->must(PieceView::class, 'GET', "/api/pieces/$piece")->version;
        $this->must(PieceView::class, 'PUT', "/api/pieces/$piece/parts", [
            'version' => $version,
            'places' => [['part' => 'toe', 'half' => 'left']],
            'shade' => 'tan',
        ]);
        $sound = $this->read($piece, self::SOUND);
        $before = $this->read($piece, self::SCUFF);
        self::assertGreaterThan(5.0, $this->pair($before, 'mended')->difference->dE00, 'bare leather shows');
        $pot = $this->pot($sound->readings[0]->id, $before->readings[0]->id);
        self::assertNull($pot->now);
        $recipes = $this->must(RecipesView::class, 'GET', "/api/pots/$pot->id/recipes");
        self::assertNull($recipes->missing);
        self::assertLessThan(1.0, $recipes->recipes[0]->weighted);
        self::assertGreaterThanOrEqual($pot->need->drops, $recipes->recipes[0]->total);
        $pot = $this->must(PotView::class, 'PUT', "/api/pots/$pot->id/recipe", [
            'version' => $pot->version,
            'drops' => $this->drops($recipes->recipes[0]->drops),
        ]);
        $pot = $this->pourIn($pot, $this->drops($pot->recipe));
        $this->refused(409, 'GET', "/api/pots/$pot->id/correction");
        for ($try = 0; $try < 4; ++$try) {
            $pot = $this->must(PotView::class, 'POST', "/api/pots/$pot->id/dabs", ['version' => $pot->version]);
            $correction = $this->must(CorrectionView::class, 'GET', "/api/pots/$pot->id/correction");
            if ([] === $correction->additions) {
                break;
            }
            self::assertSame(Advice::Add, $correction->advice, $correction->sentence);
            $pot = $this->pourIn($pot, $this->drops($correction->additions));
        }
        self::assertTrue($pot->dabs[0]->near, $pot->dabs[0]->verdict);
        $coats = $this->must(CoatsView::class, 'GET', "/api/pots/$pot->id/coats");
        self::assertNotNull($coats->bare->coats);
        $pot = $this->must(PotView::class, 'POST', "/api/pots/$pot->id/coats", [
            'version' => $pot->version,
            'coats' => max($pot->need->coats, $coats->bare->coats),
        ]);
        $after = $this->read($piece, self::SCUFF);
        $mended = $this->pair($after, 'mended');
        self::assertTrue($mended->near, $mended->verdict);
        self::assertStringContainsString('after against before', $this->pair($after, 'after')->what);

        $pot = $this->must(PotView::class, 'PUT', "/api/pots/$pot->id/kept", ['version' => $pot->version, 'ml' => 0.6, 'where' => 'third drawer']);
        self::assertSame(PotState::Kept, $pot->state);
        $this->refused(409, 'POST', "/api/pots/$pot->id/drops", ['code' => 'brick', 'drops' => 1]);
        $kept = $this->must(PotsView::class, 'GET', '/api/pots?near='.$sound->readings[0]->id)->pots[0];
        self::assertSame([0.6, 'third drawer', $piece], [$kept->keptMl, $kept->keptWhere, $kept->piece]);
        self::assertLessThan(4.0, $kept->near);
        $this->must(PieceColourView::class, 'POST', "/api/readings/$mended->one/against/$mended->other");
        $ledger = $this->must(LedgerView::class, 'GET', "/api/ledger/$piece")->entries;
        self::assertSame(
            ['compared', 'pot-laid', 'colour-read', 'pot-laid'],
            array_map(static fn ($e): string => $e->event->value, \array_slice($ledger, 0, 4)),
        );
        self::assertStringContainsString('ΔE00', $ledger[0]->text);
    }

    public function testADropIsCountedTakenFromTheShelfAndCanOnlyBeTakenBackBeforeItIsDabbed(): void
    {
        $target = $this->read($this->plannedPair(), self::SOUND)->readings[0]->id;
        $pot = $this->pot($target);
        $before = $this->left('brick');
        $pot = $this->pourIn($pot, ['brick' => 3]);
        self::assertSame(3, $pot->total);
        self::assertNotNull($pot->now);
        self::assertEqualsWithDelta($before - 3 * 0.045, $this->left('brick'), 0.06);
        $pot = $this->pourIn($pot, ['brick' => -1]);
        self::assertSame([2, 'brick'], [$pot->drops[0]->drops, $pot->drops[0]->code]);
        self::assertStringContainsString('taken back', $pot->history[0]->text);
        $thin = $this->pourIn($this->pot($target), ['clear-binder' => 2]);
        self::assertNull($thin->now, 'binder alone has no colour');
        self::assertSame(200, $this->ask('GET', '/api/pots'));
        $this->refused(422, 'POST', "/api/pots/$thin->id/dabs", ['version' => $thin->version]);
        $stale = $pot->version - 1;
        $this->refused(409, 'POST', "/api/pots/$pot->id/dabs", ['version' => $stale]);
        $pot = $this->must(PotView::class, 'POST', "/api/pots/$pot->id/dabs", ['version' => $pot->version]);
        $problem = $this->refused(409, 'POST', "/api/pots/$pot->id/drops", ['code' => 'brick', 'drops' => -1]);
        self::assertStringContainsString('mixed in', $problem->detail);
        $this->refused(409, 'POST', "/api/pots/$pot->id/drops", ['code' => 'brick', 'drops' => 100]);
        $this->refused(422, 'POST', "/api/pots/$pot->id/drops", ['code' => 'tea', 'drops' => 1]);
        $pot = $this->must(PotView::class, 'PUT', "/api/pots/$pot->id/drop-size", ['version' => $pot->version, 'mlOfTwenty' => 1.2]);
        self::assertEqualsWithDelta(0.06, $pot->dropMl, 1e-9);
        $id = $pot->id;
        $version = $pot->version;
        self::assertLessThan(
            22,
            $this->statements(fn () => $this->ask('POST', "/api/pots/$id/drops", ['code' => 'straw', 'drops' => 1])),
            'a drop is quick to answer',
        );
    }

    public function testATargetOutOfReachSaysHowNearAndWhatIsMissing(): void
    {
        $piece = $this->plannedPair();
        $reading = $this->must(
            PieceColourView::class,
            'POST',
            "/api/pieces/$piece/readings",
            self::SOUND + ['source' => 'typed', 'labs' => [[55.0, 55.0, 85.0]], 'gloss' => 'mirror'],
            201,
        )->readings[0];
        self::assertFalse($reading->measured);
        $pot = $this->pot($reading->id);
        self::assertStringContainsString('cleaner', (string) $this->must(RecipesView::class, 'GET', "/api/pots/$pot->id/recipes")->missing);
        $pot = $this->pourIn($pot, ['soot-black' => 50]);
        $pot = $this->must(PotView::class, 'POST', "/api/pots/$pot->id/dabs", ['version' => $pot->version]);
        $correction = $this->must(CorrectionView::class, 'GET', "/api/pots/$pot->id/correction");
        self::assertSame(Advice::StartAgain, $correction->advice);
        self::assertStringStartsWith('No mix of these paints comes near enough. Start again with ', $correction->sentence);
        self::assertNotNull($correction->restart);
        $fresh = $this->must(
            PotView::class,
            'POST',
            "/api/pots/$pot->id/again",
            ['version' => $pot->version, 'drops' => $this->drops($correction->restart->drops)],
            201,
        );
        self::assertSame([0, $pot->name, $this->drops($correction->restart->drops)], [$fresh->total, $fresh->name, $this->drops($fresh->recipe)]);
    }

    public function testThePlanLaysAsManyCoatsAsThePotNeedsOverThisGround(): void
    {
        $piece = $this->plannedPair();
        $view = $this->must(PieceView::class, 'GET', "/api/pieces/$piece");
        $view = $this->must(PieceView::class, 'PUT', "/api/pieces/$piece/agreement", [
            'version' => $view->version,
            'aim' => 'restore',
            'gloss' => 'satin',
            'patina' => 'remove',
        ]);
        $view = $this->must(PieceView::class, 'POST', "/api/pieces/$piece/findings", self::found($view->version, [
            'part' => 'vamp',
            'half' => 'left',
            'kind' => 'faded',
            'severity' => 3,
        ]));
        $place = ['half' => 'left', 'part' => 'vamp'];
        $sound = $this->read($piece, $place + ['spot' => 'sound'])->readings[0]->id;
        $ground = $this->must(
            PieceColourView::class,
            'POST',
            "/api/pieces/$piece/readings",
            $place + ['spot' => 'damage', 'source' => 'file', 'measured' => [HouseRange::ground('black')->values]],
            201,
        )->readings[0]->id;
        $pot = $this->pot($sound, $ground);
        $pot = $this->must(PotView::class, 'PUT', "/api/pots/$pot->id/recipe", ['version' => $pot->version, 'drops' => ['straw' => 20, 'marigold' => 12]]);
        $coats = $this->must(CoatsView::class, 'GET', "/api/pots/$pot->id/coats");
        $best = $coats->based[0] ?? null;
        self::assertNotNull($best, 'yellow and orange over black need a base');
        self::assertStringContainsString('Over '.$best->baseCoats.' of', $coats->sentence);
        $this->pourIn($this->pot($sound, $ground), ['clear-binder' => 3]);
        $plan = $this->must(PlanView::class, 'POST', "/api/pieces/$piece/plan", ['version' => $view->version]);
        $why = array_count_values(
            array_map(
                static fn ($s): string => str_contains($s->why, '“Toe, chestnut”') ? (str_contains($s->why, 'base') ? 'base' : 'colour') : '',
                $plan->steps,
            ),
        );
        self::assertSame(
            [4 * $best->baseCoats, 4 * (int) $best->coats],
            [$why['base'] ?? 0, $why['colour'] ?? 0],
            'on both halves, and a spray lays half of what the sponge of the pot lays',
        );
    }

    public function testSeveralReadingsAreAveragedAndTheOneThatSlippedIsShown(): void
    {
        $piece = $this->plannedPair();
        $reading = $this->must(
            PieceColourView::class,
            'POST',
            "/api/pieces/$piece/readings",
            self::SOUND + ['source' => 'typed', 'labs' => [[40, 20, 20], [40.2, 20, 20.1], [60, 5, 5], [39.9, 20.1, 20]], 'whereabouts' => 'under the facing'],
            201,
        )->readings[0];
        self::assertSame([4, 1, 'under the facing'], [$reading->taken, \count($reading->leftOut), $reading->whereabouts]);
        self::assertEqualsWithDelta(40.03, $reading->seen->lab->l, 0.01);
    }

    public function testReadingsComeInFromAFileAndGoOutTheSame(): void
    {
        $piece = $this->plannedPair();
        $this->read($piece, self::SOUND);
        self::assertSame(200, $this->ask('GET', "/api/pieces/$piece/readings.txt"));
        $text = $this->content();
        self::assertSame($text, Cgats::write(Cgats::read($text)), 'byte for byte');
        $samples = $this->must(SamplesView::class, 'POST', '/api/readings/file', ['text' => $text])->samples;
        self::assertSame('left toe, a sound place', $samples[0]->name);
        self::assertCount(31, $samples[0]->values ?? []);
        $csv = $this->must(SamplesView::class, 'POST', '/api/readings/file', ['text' => "name;L;a;b\nheel;40,5;12,25;-3\n"])->samples[0];
        self::assertSame(['heel', 40.5, 12.25, -3.0], [$csv->name, $csv->lab->l, $csv->lab->a, $csv->lab->b]);
        $this->must(
            PieceColourView::class,
            'POST',
            "/api/pieces/$piece/readings",
            self::SOUND + ['source' => 'file', 'measured' => [$samples[0]->values]],
            201,
        );
    }

    /** @return iterable<string, array{string, string}> */
    public static function brokenFiles(): iterable
    {
        $grid = implode(' ', array_map(static fn (int $nm): string => 'SPECTRAL_NM'.$nm, range(400, 700, 10)));
        $values = implode(' ', array_fill(0, 31, '0.5'));
        $file = static fn (
            string $fields,
            string $row,
            int $sets = 1,
            int $count = 32,
        ): string => "CGATS.17\nNUMBER_OF_FIELDS $count\nBEGIN_DATA_FORMAT\nSAMPLE_ID $fields\nEND_DATA_FORMAT\nNUMBER_OF_SETS "
            ."$sets\nBEGIN_DATA\n$row\nEND_DATA\n";
        yield 'cut off' => [substr($file($grid, '1 '.$values), 0, -30), 'cut off'];
        yield 'fewer readings than promised' => [$file($grid, '1 '.$values, 2), 'promises 2 readings and has 1'];
        yield 'lies about its columns' => [$file($grid, '1 '.$values, 1, 36), 'promises 36 columns'];
        yield 'a short row' => [$file($grid, '1 0.5 0.5'), 'has 3 columns'];
        yield 'not a number' => [$file($grid, '1 '.str_replace('0.5 0.5 0.5', '0.5 NaN 0.5', $values)), 'is no number'];
        yield 'a band is missing' => [$file(str_replace('SPECTRAL_NM450', 'SPECTRAL_NM455', $grid), '1 '.$values), 'evenly apart'];
        yield 'no colour in it' => [$file('X Y', '1 2 3', 1, 3), 'neither spectral'];
        yield 'a table without colours' => ["name,when\nheel,today\n", 'neither a column'];
        yield 'nothing at all' => ['', 'A table needs'];
        yield 'a row of another width' => ["name,L,a,b\nheel,1,2\n", 'has 3 columns'];
    }

    #[DataProvider('brokenFiles')]
    public function testABrokenFileSaysWhereAndNothingIsKept(string $text, string $words): void
    {
        $problem = $this->refused(422, 'POST', '/api/readings/file', ['text' => $text]);
        self::assertStringContainsString($words, $problem->detail);
        self::assertSame(0, $this->rows('reading'));
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function badReadings(): iterable
    {
        yield 'nothing read' => [['source' => 'reader'], 'Nothing was read'];
        yield 'too few bands' => [['source' => 'reader', 'measured' => [[0.1, 0.2]]], '31 bands'];
        yield 'negative' => [['source' => 'reader', 'measured' => [array_fill(0, 31, -0.1)]], '400 nm'];
        yield 'above what a surface sends back' => [['source' => 'reader', 'measured' => [array_fill(0, 31, 1.3)]], '400 nm'];
        yield 'no L*' => [['source' => 'typed', 'labs' => [[140, 0, 0]]], 'L* lies'];
        yield 'two numbers' => [['source' => 'typed', 'labs' => [[40, 0]]], 'three numbers'];
        yield 'a part it has not' => [['source' => 'typed', 'labs' => [[40, 0, 0]], 'part' => 'strap'], 'has no'];
    }

    /** @param array<string, mixed> $body */
    #[DataProvider('badReadings')]
    public function testABadReadingIsASentenceAndNothingIsKept(array $body, string $words): void
    {
        $problem = $this->refused(422, 'POST', '/api/pieces/'.$this->plannedPair().'/readings', $body + self::SOUND);
        self::assertStringContainsString($words, $problem->detail);
        self::assertSame(0, $this->rows('reading'));
    }

    public function testTheReaderSeesCardsSwatchesAndDrawDownsAndAPaintOfOnesOwnIsMadeOfThem(): void
    {
        $colours = $this->must(ColoursView::class, 'GET', '/api/colours');
        self::assertCount(29, $colours->products);
        self::assertCount(6, $colours->swatches);
        $brick = array_values(array_filter($colours->products, static fn ($p): bool => 'moss' === $p->code))[0];
        $body = [
            'name' => 'Own moss',
            'dryUm' => 6,
            'white' => $this->look(['what' => 'card', 'card' => 'white']),
            'black' => $this->look(['what' => 'card', 'card' => 'black']),
            'overWhite' => $this->look(['what' => 'draw-down', 'product' => $brick->id, 'card' => 'white', 'dryUm' => 6]),
            'overBlack' => $this->look(['what' => 'draw-down', 'product' => $brick->id, 'card' => 'black', 'dryUm' => 6]),
        ];
        $fit = $this->must(FitView::class, 'POST', '/api/colours', $body);
        self::assertTrue($fit->good, $fit->sentence);
        self::assertSame(29, $this->rows('product'), 'only looked at');
        $this->must(FitView::class, 'POST', '/api/colours', ['keep' => true] + $body, 201);
        self::assertContains('own-moss', array_map(static fn ($p): string => $p->code, $this->must(ColoursView::class, 'GET', '/api/colours')->products));
        $this->refused(422, 'POST', '/api/colours', ['keep' => true] + $body);
        $this->refused(422, 'POST', '/api/colours', ['name' => 'Grey on grey', 'black' => $body['white']] + $body);
        self::assertCount(31, $this->look(['what' => 'swatch', 'swatch' => $colours->swatches[0]->id]));
        $this->refused(409, 'POST', '/api/reader', ['what' => 'place', 'piece' => 1, 'half' => 'left', 'part' => 'toe']);
        $this->refused(422, 'POST', '/api/reader', ['what' => 'the moon']);
    }

    public function testAPictureWithACardInItGivesAColourWithItsDoubtAndOneWithoutIsRefused(): void
    {
        $piece = $this->plannedPair();
        $file = (string) tempnam(sys_get_temp_dir(), 'card');
        $image = imagecreatetruecolor(800, 600);
        imagefill($image, 0, 0, (int) imagecolorallocate($image, 120, 112, 96));
        imagefilledrectangle($image, 400, 300, 799, 599, (int) imagecolorallocate($image, 150, 92, 44));
        imagejpeg($image, $file, 95);
        $kept = self::getContainer()->get(PictureStore::class)->keep($file);
        $this->connection()->insert('picture', [
            'piece_id' => $piece,
            'moment' => 'before',
            'digest' => $kept['digest'],
            'width' => 800,
            'height' => 600,
            'by_id' => Row::first($this->connection(), 'SELECT id FROM person LIMIT 1')?->int('id'),
            'at' => '2026-03-02 09:00:00',
        ]);
        $picture = (int) $this->connection()->lastInsertId();
        $read = $this->must(PictureColourView::class, 'POST', "/api/pictures/$picture/colour", ['at' => [0.75, 0.75], 'grey' => [0.2, 0.2]]);
        self::assertEqualsWithDelta(45.0, $read->lab->l, 4.0);
        self::assertTrue($read->lab->b > 20.0 && $read->lab->b < 55.0, 'brown');
        self::assertGreaterThan(5.0, $read->doubt);
        self::assertStringContainsString('not to judge a match', $read->sentence);
        self::assertStringContainsString('card', $this->refused(422, 'POST', "/api/pictures/$picture/colour", ['at' => [0.75, 0.75]])->detail);
        $this->refused(422, 'POST', "/api/pictures/$picture/colour", ['at' => [1.75, 0.75], 'grey' => [0.2, 0.2]]);
        $this->refused(422, 'POST', "/api/pictures/$picture/colour", ['at' => [0.75, 0.75], 'card' => array_fill(0, 12, [0.2, 0.2])]);
        $this->refused(404, 'POST', '/api/pictures/999999/colour', ['at' => [0.75, 0.75], 'grey' => [0.2, 0.2]]);
        self::assertSame(0, $this->rows('reading'));
    }

    public function testTheWorkshopsCardIsFoundInAPictureByItselfAndReadsTheLeatherBesideIt(): void
    {
        $piece = $this->plannedPair();
        $image = imagecreatetruecolor(1600, 1200);
        imagefill($image, 0, 0, (int) imagecolorallocate($image, 172, 150, 120));
        $channel = static fn (string $hex, int $from): int => max(0, min(255, (int) hexdec(substr($hex, $from, 2))));
        $ink = static fn (string $hex): int => (int) imagecolorallocate($image, $channel($hex, 1), $channel($hex, 3), $channel($hex, 5));
        // A card of 6 pixels a millimetre, upside down; the leather on its right.
        $box = static function (float $x, float $y, float $w, float $h, int $ink) use ($image): void {
            imagefilledrectangle($image, (int) (800 - 6 * ($x + $w)), (int) (640 - 6 * ($y + $h)), (int) (800 - 6 * $x), (int) (640 - 6 * $y), $ink);
        };
        $box(-4, -4, 108, 78, $ink('#f8f8f6'));
        $box(0, 0, 100, 70, $ink('#181818'));
        $box(4, 4, 92, 62, $ink('#f8f8f6'));
        foreach (WorkshopCard::middles() as $i => [$x, $y]) {
            $box($x - 9, $y - 8, 18, 16, $ink(WorkshopCard::PRINTED[$i]));
        }
        imagefilledrectangle($image, 1000, 300, 1500, 900, $ink('#7a4a2a'));
        $picture = $this->kept($piece, $image);
        $found = $this->must(CardFoundView::class, 'GET', "/api/pictures/$picture/card");
        self::assertTrue($found->printed);
        self::assertCount(12, $found->fields);
        self::assertLessThan(3.0, $found->doubt);
        [$x, $y] = WorkshopCard::middles()[0];
        self::assertEqualsWithDelta((800 - 6 * $x) / 1600, $found->fields[0][0], 0.01);
        self::assertEqualsWithDelta((640 - 6 * $y) / 1200, $found->fields[0][1], 0.01);
        $asked = ['at' => [0.78, 0.5], 'card' => $found->fields, 'printed' => true];
        $read = $this->must(PictureColourView::class, 'POST', "/api/pictures/$picture/colour", $asked);
        $channels = static fn (string $hex): array => array_map(hexdec(...), str_split(substr($hex, 1), 2));
        foreach (array_map(null, $channels('#7a4a2a'), $channels($read->hex)) as [$is, $seen]) {
            self::assertEqualsWithDelta($is, $seen, 9.0);
        }
        $black = $this->kept($piece, imagecreatetruecolor(640, 480));
        self::assertStringContainsString('No card is found', $this->refused(422, 'GET', "/api/pictures/$black/card")->detail);
        $card = $this->must(CardView::class, 'GET', '/api/colours/card');
        self::assertSame(WorkshopCard::PRINTED, array_map(static fn ($f): string => $f->printed, $card->fields));
        self::assertCount(12, array_unique(array_map(static fn ($f): string => $f->painted, $card->fields)), 'each from another tube');
        foreach ($card->fields as $i => $field) {
            self::assertEqualsWithDelta(WorkshopCard::middles()[$i], [$field->x + $field->width / 2.0, $field->y + $field->height / 2.0], 1e-9);
        }
    }

    private function kept(int $piece, \GdImage $image): int
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'card');
        imagejpeg($image, $file, 92);
        $kept = self::getContainer()->get(PictureStore::class)->keep($file);
        $this->connection()->insert('picture', [
            'piece_id' => $piece, 'moment' => 'before', 'digest' => $kept['digest'], 'width' => imagesx($image), 'height' => imagesy($image),
            'by_id' => Row::first($this->connection(), 'SELECT id FROM person LIMIT 1')?->int('id'), 'at' => '2026-03-02 09:00:00',
        ]);

        return (int) $this->connection()->lastInsertId();
    }

    public function testARangeGoesOutAndComesBackAndABrokenOneBringsNothing(): void
    {
        self::assertSame(200, $this->ask('GET', '/api/colours/range'));
        $json = $this->content();
        self::assertStringContainsString('"units"', $json);
        $again = $this->must(RangeTakenView::class, 'POST', '/api/colours/range', ['text' => $json]);
        self::assertSame([0, 35], [$again->added, $again->known]);
        $this->connection()->executeStatement('DELETE FROM lot');
        $this->connection()->executeStatement('DELETE FROM product');
        self::assertSame(29, $this->must(RangeTakenView::class, 'POST', '/api/colours/range', ['text' => $json])->added);
        self::assertSame(200, $this->ask('GET', '/api/colours/range'));
        self::assertSame($json, $this->content(), 'byte for byte');
        $bad = json_decode($json, true, flags: \JSON_THROW_ON_ERROR);
        \assert(\is_array($bad));
        $before = $this->rows('product');
        foreach (
            [
                ['paints' => [['id' => 'x', 'name' => 'x', 'K' => [1], 'S' => [1]]]],
                ['paints' => 'many'],
                ['bands' => ['start' => 380]],
                ['paints' => [['id' => 'Ünsound', 'K' => [], 'S' => []]]],
                ['paints' => [], 'dyes' => [], 'grounds' => [], 'binder' => null],
            ] as $change
        ) {
            $this->refused(422, 'POST', '/api/colours/range', ['text' => json_encode($change + $bad, \JSON_THROW_ON_ERROR)]);
        }
        $this->refused(422, 'POST', '/api/colours/range', ['text' => '{']);
        self::assertSame($before, $this->rows('product'));
    }

    public function testDyesOnThisGroundAndWhatASwatchTeaches(): void
    {
        $piece = $this->plannedPair();
        $ground = $this->must(
            PieceColourView::class,
            'POST',
            "/api/pieces/$piece/readings",
            self::SCUFF + ['source' => 'file', 'measured' => [HouseRange::ground('veg-tan-natural')->values]],
            201,
        )->readings[0]->id;
        $target = $this->must(
            PieceColourView::class,
            'POST',
            "/api/pieces/$piece/readings",
            self::SOUND + ['source' => 'file', 'measured' => [HouseRange::ground('brown')->values]],
            201,
        )->readings[0]->id;
        $dyes = $this->must(DyesView::class, 'GET', "/api/dyes/$ground?target=$target&applicator=cloth");
        self::assertNull($dyes->never);
        self::assertCount(10, $dyes->ladders);
        self::assertCount(12, $dyes->ladders[0]->rungs);
        self::assertLessThan(5.0, $dyes->matches[0]->dE00);
        $wet = $this->must(DyesView::class, 'GET', "/api/dyes/$ground?applicator=cloth&look=wet");
        self::assertLessThan(
            hexdec(substr($dyes->ladders[0]->rungs[0]->hex, 1, 2)),
            hexdec(substr($wet->ladders[0]->rungs[0]->hex, 1, 2)),
            'deeper while it is wet',
        );
        self::assertStringContainsString('darker', (string) $this->must(DyesView::class, 'GET', "/api/dyes/$target?target=$ground&applicator=cloth")->never);
        $colours = $this->must(ColoursView::class, 'GET', '/api/colours');
        $russet = array_values(array_filter($colours->products, static fn ($p): bool => 'russet' === $p->code))[0];
        $swatch = [
            'dye' => $russet->id,
            'thinner' => 1,
            'coats' => 2,
            'applicator' => 'cloth',
            'leather' => $this->look(['what' => 'swatch', 'swatch' => $colours->swatches[0]->id]),
            'dyed' => $this->look([
                'what' => 'dyed',
                'product' => $russet->id,
                'swatch' => $colours->swatches[0]->id,
                'thinner' => 1,
                'coats' => 2,
                'applicator' => 'cloth',
            ]),
        ];
        $this->must(ColoursView::class, 'POST', '/api/dyes/swatches', $swatch, 201);
        $learned = $this->must(DyesView::class, 'GET', "/api/dyes/$ground?applicator=cloth");
        self::assertSame(1, $learned->swatches);
        self::assertLessThan($dyes->factor, $learned->factor, 'this cloth lays less than was taken for granted');
        $this->refused(422, 'POST', '/api/dyes/swatches', ['dyed' => $swatch['leather'], 'leather' => $swatch['dyed']] + $swatch);
        $this->refused(422, 'POST', '/api/dyes/swatches', ['thinner' => 2] + $swatch);
    }

    public function testAnApprenticeMixesButBringsNoRangeIn(): void
    {
        $this->signIn('wren');
        $this->refused(403, 'POST', '/api/colours/range', ['text' => '{}']);
        self::assertSame(200, $this->ask('GET', '/api/pots'));
    }

    /** @param array<string, string> $place */
    private function read(int $piece, array $place): PieceColourView
    {
        $measured = [];
        for ($i = 0; $i < 5; ++$i) {
            $measured[] = $this->must(MeasurementView::class, 'POST', '/api/reader', ['what' => 'place', 'piece' => $piece] + $place)->values;
        }

        return $this->must(
            PieceColourView::class,
            'POST',
            "/api/pieces/$piece/readings",
            $place + ['source' => 'reader', 'measured' => $measured, 'gloss' => 'mirror'],
            201,
        );
    }

    private function pot(int $target, ?int $ground = null): PotView
    {
        return $this->must(
            PotView::class,
            'POST',
            '/api/pots',
            [
                'name' => 'Toe, chestnut',
                'target' => $target,
                'ground' => $ground,
                'finish' => 'satin',
                'applicator' => 'sponge',
                'coats' => 3,
                'areaDm2' => 0.3,
            ],
            201,
        );
    }

    /** @param array<string, int> $drops */
    private function pourIn(PotView $pot, array $drops): PotView
    {
        foreach ($drops as $code => $count) {
            $pot = $this->must(PotView::class, 'POST', "/api/pots/$pot->id/drops", ['code' => $code, 'drops' => $count]);
        }

        return $pot;
    }

    /**
     * @param list<DropView> $drops
     *
     * @return array<string, int>
     */
    private function drops(array $drops): array
    {
        return array_combine(array_map(static fn (DropView $d): string => $d->code, $drops), array_map(static fn (DropView $d): int => $d->drops, $drops));
    }

    /**
     * @param array<string, mixed> $what
     *
     * @return list<float>
     */
    private function look(array $what): array
    {
        return $this->must(MeasurementView::class, 'POST', '/api/reader', $what)->values;
    }

    private function left(string $code): float
    {
        return array_values(
            array_filter($this->must(ColoursView::class, 'GET', '/api/colours')->products, static fn ($p): bool => $p->code === $code),
        )[0]->leftMl;
    }

    private function pair(PieceColourView $view, string $what): \KindHeel\App\Colour\PairView
    {
        foreach ($view->pairs as $pair) {
            if (str_contains($pair->what, $what)) {
                return $pair;
            }
        }
        self::fail('no pair of '.$what);
    }
}

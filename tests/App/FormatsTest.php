<?php

declare(strict_types=1);

namespace KindHeel\Tests\App;

use KindHeel\App\Archive\CheckArchive;
use KindHeel\App\Archive\TakePiece;
use KindHeel\App\Colour\File\Cgats;
use KindHeel\App\Colour\RangeDocument;
use KindHeel\App\Files\CsvTable;
use KindHeel\App\People\Person;
use KindHeel\App\Shelf\ProductCsv;
use PHPUnit\Framework\Attributes\DataProvider;
use Sabre\VObject\Component\VCalendar;
use Sabre\VObject\Reader;

/** What docs/formats.md promises of each file: the example is read by what reads such files, and what is written is like the example. */
final class FormatsTest extends ApiTestCase
{
    private const EXAMPLES = __DIR__.'/../../docs/examples/formats/';

    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn('ida');
    }

    public function testEveryExampleIsSpokenOfAndThere(): void
    {
        $said = (string) file_get_contents(\dirname(__DIR__, 2).'/docs/formats.md');
        $there = array_map(basename(...), glob(self::EXAMPLES.'*') ?: []);
        self::assertNotSame([], $there);
        preg_match_all('~examples/formats/([\w.-]+)~', $said, $named);
        self::assertEqualsCanonicalizing($there, array_values(array_unique($named[1])));
    }

    public function testThePieceOfTheExampleComesIn(): void
    {
        self::assertSame('piece', self::getContainer()->get(CheckArchive::class)(self::EXAMPLES.'piece.tar')['manifest']->of);
        $by = self::getContainer()->get(\Doctrine\ORM\EntityManagerInterface::class)->getRepository(Person::class)->findOneBy(['login' => 'ida']);
        self::assertNotNull($by);
        self::assertSame(1, self::getContainer()->get(TakePiece::class)(self::EXAMPLES.'piece.tar', $by)['visits']);
    }

    public function testTheRangeAndTheReadingsOfTheExamplesAreRead(): void
    {
        $taken = self::getContainer()->get(RangeDocument::class)->take((string) file_get_contents(self::EXAMPLES.'range.json'));
        self::assertSame(['added' => 3, 'known' => 0], $taken);
        $samples = Cgats::read((string) file_get_contents(self::EXAMPLES.'readings.txt'));
        self::assertSame(['vamp, left, sound', 'toe, left, sound'], array_map(static fn ($s): string => $s->name, $samples));
        self::assertSame((string) file_get_contents(self::EXAMPLES.'readings.txt'), Cgats::write($samples), 'and written the same');
    }

    public function testTheProductsOfTheExampleComeIn(): void
    {
        $seen = self::getContainer()->get(ProductCsv::class)->read((string) file_get_contents(self::EXAMPLES.'products.csv'), true);
        self::assertSame([2, 0, true], [$seen->new, $seen->faulty, $seen->done]);
        self::assertSame(200, $this->ask('GET', '/api/products.csv'));
        self::assertSame(self::heads((string) file_get_contents(self::EXAMPLES.'products.csv')), self::heads($this->content()));
    }

    /** @return iterable<string, array{string, string}> */
    public static function tables(): iterable
    {
        yield 'a plan' => ['plan.csv', '/api/pieces/%d/plan.csv'];
        yield 'a ledger' => ['ledger.csv', '/api/ledger/%d.csv'];
        yield 'offers' => ['offers.csv', '/api/offers.csv'];
    }

    #[DataProvider('tables')]
    public function testATableHasTheColumnsOfItsExample(string $example, string $path): void
    {
        $piece = $this->plannedPair();
        if ('offers.csv' === $example) {
            self::assertContains($this->ask('POST', "/api/pieces/$piece/offer", ['version' => $this->must(
                \KindHeel\App\Piece\PieceView::class,
                'GET',
                "/api/pieces/$piece",
            )->version, 'meaning' => 'dear']), [200, 201], $this->content());
        }
        self::assertSame(200, $this->ask('GET', \sprintf($path, $piece)), $this->content());
        self::assertStringContainsString('.csv', (string) $this->client->getResponse()->headers->get('Content-Disposition'));
        [$heads, $rows] = CsvTable::read($this->content());
        [$exampleHeads, $exampleRows] = CsvTable::read((string) file_get_contents(self::EXAMPLES.$example));
        self::assertSame($exampleHeads, $heads);
        self::assertNotSame([], $rows);
        self::assertNotSame([], $exampleRows);
    }

    public function testAPlanAsATableSaysWhatIsWaitedFor(): void
    {
        $piece = $this->plannedPair();
        $this->ask('GET', "/api/pieces/$piece/plan.csv");
        [, $rows] = CsvTable::read($this->content());
        self::assertSame('Take the pictures', $rows[1]['what']);
        self::assertSame('s01', $rows[1]['after']);
        self::assertNotSame([], array_filter($rows, static fn (array $r): bool => 1 === preg_match('/^s\d\d \+ \d+ min/', $r['after'])), 'until it is dry');
    }

    public function testTheCalendarOfTheExampleIsOne(): void
    {
        $calendar = Reader::read((string) file_get_contents(self::EXAMPLES.'day.ics'));
        self::assertInstanceOf(VCalendar::class, $calendar);
        self::assertSame([], array_filter($calendar->validate(), static fn (mixed $fault): bool => !\is_array($fault) || $fault['level'] > 2));
        self::assertNotSame([], $calendar->select('VEVENT'));
    }

    public function testSheetsAreMadeAsPdf(): void
    {
        $piece = $this->plannedPair();
        $passport = $this->must(\KindHeel\App\Owner\PassportView::class, 'GET', "/api/pieces/$piece/passport")->id;
        foreach (["/api/passports/$passport/care-card.pdf", '/api/letters.pdf'] as $path) {
            self::assertSame(200, $this->ask('GET', $path), $path);
            self::assertSame('application/pdf', $this->client->getResponse()->headers->get('Content-Type'));
            self::assertStringStartsWith('%PDF-', $this->content());
            self::assertStringContainsString('%%EOF', $this->content());
        }
    }

    /** @return list<string> */
    private static function heads(string $csv): array
    {
        return CsvTable::read($csv)[0];
    }
}

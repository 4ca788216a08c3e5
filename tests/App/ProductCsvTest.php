<?php

declare(strict_types=1);

namespace KindHeel\Tests\App;

use KindHeel\App\Files\CsvTable;
use KindHeel\App\Shelf\CsvPreviewView;
use KindHeel\App\Shelf\CsvRowKind;
use KindHeel\App\Shelf\CsvRowView;
use KindHeel\App\Shelf\ShelfView;
use KindHeel\Core\Text\FieldError;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\HttpFoundation\File\UploadedFile;

/** Products and prices as tables: whoever made them, in whatever program. */
final class ProductCsvTest extends ApiTestCase
{
    /** @return iterable<string, array{string}> */
    public static function tables(): iterable
    {
        yield 'comma and point' => ["name,family,unit,pack,price\nWachs schön,wax,g,100,7.40\n"];
        yield 'semicolon and comma, as offices write it' => ["name;family;unit;pack;price\r\nWachs schön;wax;g;100;7,40\r\n"];
        yield 'with a byte-order mark' => ["\u{FEFF}name;family;unit;pack;price\nWachs schön;wax;g;100;7,4\n"];
        yield 'tabs' => ["Name\tFamily\tUnit\tPack\tPrice\nWachs schön\twax\tg\t100\t7.4\n"];
        yield 'an old encoding' => [(string) mb_convert_encoding("name;family;unit;pack;price\nWachs schön;wax;g;100;7,40\n", 'Windows-1252', 'UTF-8')];
        yield 'quoted, and an idle row' => ["name;family;unit;pack;price\n\"Wachs schön\";wax;g;\"100\";\"7,40\"\n;;;;\n"];
    }

    #[DataProvider('tables')]
    public function testATableIsReadHoweverItIsWritten(string $table): void
    {
        $this->signIn();
        $preview = $this->sent($table, false);
        self::assertSame([1, 0, 0, 0, false], [$preview->new, $preview->changed, $preview->same, $preview->faulty, $preview->done]);
        self::assertSame(0, $this->rows('product'), 'a look writes nothing');
        self::assertTrue($this->sent($table, true)->done);
        $row = $this->must(ShelfView::class, 'GET', '/api/shelf')->products[0];
        self::assertSame(['Wachs schön', 100.0], [$row->name, $row->pack]);
        self::assertSame([0, 0, 1], [($again = $this->sent($table, true))->new, $again->changed, $again->same]);
    }

    public function testWhatChangesIsSaidAndEveryFaultyRowIsNamed(): void
    {
        $this->signIn();
        $this->sent("name;family;unit;pack;price\nWax;wax;g;100;7,40\nOil;oil;ml;500;13\n", true);
        $table = "name;family;unit;pack;price\nWax;wax;g;100;7,90\nOil;oil;ml;0;13\nCream;cream;g;-5;6\n"
            ."Balm;magic;g;5;6\nBrush;;pcs;1;abc\nWax;wax;g;100;8\nSoap;soap;ml;5;6\n";
        $preview = $this->sent($table, true);
        self::assertSame([1, 6, false], [$preview->changed, $preview->faulty, $preview->done], 'nothing half done');
        $says = array_column($preview->rows, 'says', 'line');
        self::assertSame('price: 7.40 → 7.90', $says[2]);
        self::assertSame('A pack holds more than nothing.', $says[3]);
        self::assertSame('A pack holds more than nothing.', $says[4]);
        self::assertStringContainsString('“magic” is no family', $says[5]);
        self::assertSame('“abc” is no price.', $says[6]);
        self::assertSame('This name stands in row 2 already.', $says[7]);
        self::assertSame('Saddle soap is measured in g.', $says[8]);
        self::assertSame(2, $this->rows('product'));
        self::assertStringContainsString('740', (string) json_encode($this->connection()->fetchFirstColumn('SELECT pack_cents FROM product')));
    }

    public function testNoTwoRowsAreOfOneProduct(): void
    {
        $this->signIn();
        $twice = $this->sent("code;name;family;unit;pack\nwax;Wax;wax;g;100\nwax;Other wax;wax;g;50\n", true);
        self::assertSame([1, false], [$twice->faulty, $twice->done]);
        self::assertSame('This code stands in row 2 already.', $twice->rows[1]->says);
        self::assertSame(0, $this->rows('product'));
        // Names that sound alike, without a code: each has one of its own.
        $alike = $this->sent("name;family;unit;pack\nWax!;wax;g;100\nWax?;wax;g;50\n", true);
        self::assertSame([2, true], [$alike->new, $alike->done]);
        self::assertSame(['wax', 'wax-2'], $this->connection()->fetchFirstColumn('SELECT code FROM product ORDER BY id'));
    }

    public function testWhatGoesOutComesInTheSameAndNoCellIsReckonedWithElsewhere(): void
    {
        $this->signIn();
        $this->sent("name;family;unit;pack;price;supplier;not on\n=HYPERLINK(1);wax;g;100;7,40;+49 yard;-\nOil;oil;ml;500;13;;\n", true);
        self::assertSame(200, $this->ask('GET', '/api/products.csv'));
        $out = $this->content();
        self::assertStringContainsString("'=HYPERLINK(1)", $out);
        self::assertDoesNotMatchRegularExpression('/(^|;)"?[=+@]/m', $out);
        $back = $this->sent($out, true);
        self::assertSame([0, 0, 2, 0], [$back->new, $back->changed, $back->same, $back->faulty], (string) json_encode(array_map(
            static fn (CsvRowView $r): string => $r->says,
            array_filter($back->rows, static fn (CsvRowView $r): bool => CsvRowKind::Same !== $r->kind),
        )));
    }

    public function testFiveThousandRowsAreTakenInWithinTheirMemory(): void
    {
        $this->signIn();
        $rows = ['name;family;unit;pack;price'];
        for ($i = 0; $i < 5000; ++$i) {
            $rows[] = "Wax number $i;wax;g;100;7,".($i % 10).'0';
        }
        memory_reset_peak_usage();
        $before = memory_get_usage();
        $preview = $this->sent(implode("\n", $rows), true);
        self::assertSame([5000, true], [$preview->new, $preview->done]);
        self::assertSame(5000, $this->rows('product'));
        self::assertLessThan(64_000_000, memory_get_peak_usage() - $before);
    }

    public function testWhatIsNoTableIsSaid(): void
    {
        foreach (['', "\0\0", 'just words'] as $bytes) {
            try {
                [$heads] = CsvTable::read($bytes);
                self::assertNotContains('name', $heads);
            } catch (FieldError $error) {
                self::assertSame('There is no table in this file.', $error->getMessage());
            }
        }
        $this->signIn();
        self::assertSame(422, $this->send('just words', false));
        self::assertStringContainsString('has to name the columns', $this->content());
    }

    private function sent(string $table, bool $apply): CsvPreviewView
    {
        self::assertSame(200, $this->send($table, $apply), $this->content());

        return $this->answered(CsvPreviewView::class);
    }

    private function send(string $table, bool $apply): int
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'table');
        file_put_contents($path, $table);
        $file = new UploadedFile($path, 'table.csv', test: true);
        $this->client->request('POST', '/api/products/csv'.($apply ? '?apply=1' : ''), files: ['file' => $file], server: [
            'HTTP_ACCEPT' => 'application/json', 'HTTP_X_CSRF_TOKEN' => $this->token(), 'HTTP_IDEMPOTENCY_KEY' => bin2hex(random_bytes(8)),
        ]);
        unlink($path);

        return $this->client->getResponse()->getStatusCode();
    }
}

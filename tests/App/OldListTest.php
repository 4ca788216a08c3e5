<?php

declare(strict_types=1);

namespace KindHeel\Tests\App;

use KindHeel\App\Intake\OwnersView;
use KindHeel\App\Ledger\LedgerView;
use KindHeel\App\OldList\OldListColumn;
use KindHeel\App\OldList\OldListColumnView;
use KindHeel\App\OldList\OldListRowView;
use KindHeel\App\OldList\OldListView;
use KindHeel\App\Owner\PassportView;
use Symfony\Component\HttpFoundation\File\UploadedFile;

/** An old list of owners and pieces comes in: seen first, each faulty row named, nothing twice. */
final class OldListTest extends ApiTestCase
{
    private const EXAMPLE = __DIR__.'/../../docs/examples/formats/old-list.csv';

    protected function setUp(): void
    {
        parent::setUp();
        $this->clock->modify('2026-03-02 09:00');
        $this->signIn('ida');
    }

    public function testTheExampleIsSeenAndThenComesIn(): void
    {
        $list = (string) file_get_contents(self::EXAMPLE);
        $seen = $this->send($list);
        self::assertSame([3, 0, 3, 0, 0, false], [$seen->newOwners, $seen->knownOwners, $seen->newVisits, $seen->knownVisits, $seen->faulty, $seen->done]);
        self::assertSame(
            ['owner', 'email', 'phone', 'piece', 'kind', 'size', 'colour', 'came-in', 'went-home', 'done'],
            array_map(static fn (OldListColumnView $c): ?string => $c->is?->value, $seen->columns),
        );
        self::assertSame(['Hedda Quarrie', 'Tibor Amsel', 'Josephine Tarr'], $seen->columns[0]->samples);
        self::assertSame([0, 0], [$this->rows('owner'), $this->rows('piece')], 'looking keeps nothing');

        self::assertTrue($this->send($list, apply: true)->done);
        self::assertSame([3, 3, 2], [$this->rows('owner'), $this->rows('piece'), $this->rows('passport')]);
        $owner = $this->must(OwnersView::class, 'GET', '/api/owners?find=quarrie')->owners[0];
        self::assertSame('hedda.quarrie@example.org', $owner->contact);
        self::assertSame(['Walking boots', 39.0], [$owner->pieces[0]->name, $owner->pieces[0]->sizeEu], 'and is known when they come again');
        $passport = $this->must(PassportView::class, 'GET', "/api/pieces/{$owner->pieces[0]->id}/passport");
        self::assertSame(['2023-10-14', '2021-05-03'], array_map(static fn ($v): string => substr($v->openedAt, 0, 10), $passport->visits));
        $text = $this->must(LedgerView::class, 'GET', "/api/ledger/{$owner->pieces[0]->id}")->entries[0]->text;
        self::assertSame('Out of an old list: “Salt lines out, fed”', $text);

        $again = $this->send($list, apply: true);
        self::assertSame([0, 3, 0, 3], [$again->newOwners, $again->knownOwners, $again->newVisits, $again->knownVisits], 'nothing comes in twice');
        self::assertSame(3, $this->rows('piece'));
    }

    public function testWhatCannotBeReadIsNamedAndTheRestComesIn(): void
    {
        $list = <<<'CSV'
            name;piece;in;e-mail;colour;size
            Ada Abend;Black boots;31.4.2024;;;
            Bela Brandt;Slippers of felt;2024-05-01;;;
            ;Derby;2024-05-01;;;
            Cleo Dvorak;Derby;2031-01-01;;;
            Dario Ekholm;Derby;2024-05-01;not an address;;
            Edda Farrow;Black ankle boots;1/5/2024;;puce;99
            CSV;
        $seen = $this->send($list, apply: true);
        self::assertSame([5, 1, 1], [$seen->faulty, $seen->newOwners, $seen->newVisits]);
        $says = array_column(array_map(static fn (OldListRowView $r): array => [$r->line, $r->says], $seen->rows), 1, 0);
        foreach ([
            2 => 'is no day', 3 => 'no kind of piece', 4 => 'whose it is', 5 => 'not come yet', 6 => 'no e-mail address', 7 => '“puce” is no shade',
        ] as $line => $part) {
            self::assertStringContainsString($part, $says[$line]);
        }
        self::assertStringContainsString('“99” is no shoe size', $says[7]);
        self::assertSame(1, $this->rows('piece'));
        $loafers = $this->send($list, query: ['else' => 'low-shoe/loafer']);
        self::assertSame([1, 1, 4], [$loafers->newVisits, $loafers->knownVisits, $loafers->faulty], 'what is said for all the rest');
    }

    public function testAColumnCanBeSaidOtherwise(): void
    {
        $list = "A,B,C\nLuka,Grieve,12 High Row\nLuka,Grieve,14 High Row\nLuka,Grieve,\n";
        self::assertStringContainsString('names of the owners', $this->refusedList($list));
        $columns = ['a' => OldListColumn::FirstName->value, 'b' => OldListColumn::Owner->value, 'c' => OldListColumn::Address->value];
        $seen = $this->send($list, $columns, true);
        self::assertSame([2, 0], [$seen->newOwners, $seen->knownOwners], 'two of one name, who live apart; the third is the first');
        self::assertSame('Luka Grieve', $this->must(OwnersView::class, 'GET', '/api/owners?find=grieve')->owners[0]->customer);
        self::assertStringContainsString('no table', $this->refusedList(''));
    }

    /**
     * @param array<string, string> $columns
     * @param array<string, string> $query
     */
    private function send(string $list, array $columns = [], bool $apply = false, array $query = []): OldListView
    {
        self::assertSame(200, $this->post($list, $columns, $apply, $query), $this->content());

        return $this->answered(OldListView::class);
    }

    private function refusedList(string $list): string
    {
        self::assertSame(422, $this->post($list));

        return $this->content();
    }

    /**
     * @param array<string, string> $columns
     * @param array<string, string> $query
     */
    private function post(string $list, array $columns = [], bool $apply = false, array $query = []): int
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'list');
        file_put_contents($path, $list);
        $this->client->request(
            'POST',
            '/api/old-list?'.http_build_query($query + ['apply' => $apply ? '1' : '0']),
            ['columns' => json_encode((object) $columns, \JSON_THROW_ON_ERROR)],
            ['file' => new UploadedFile($path, 'list.csv', null, \UPLOAD_ERR_OK, test: true)],
            ['HTTP_ACCEPT' => 'application/json', 'HTTP_X_CSRF_TOKEN' => $this->token(), 'HTTP_IDEMPOTENCY_KEY' => bin2hex(random_bytes(8))],
        );

        return $this->client->getResponse()->getStatusCode();
    }
}

<?php

declare(strict_types=1);

namespace KindHeel\Tests\App;

use KindHeel\App\Clock\Iso;
use KindHeel\App\Counter\TicketView;
use KindHeel\App\Database\Row;

/** What comes out of the database has the type that was asked for, or it is a fault that is seen. */
final class RowTest extends ApiTestCase
{
    public function testColumnsComeAsWhatTheyAre(): void
    {
        $row = $this->row(
            'SELECT 7 AS n, 2.5 AS f, \'seven\' AS t, NULL AS nothing, \'2026-03-02 09:00:00\' AS at, SUM(1) AS summed, \'["a","b"]\' AS words, '
                .'\'[{"part":"toe"}]\' AS places',
        );
        self::assertSame([7, 2.5, 'seven', 1], [$row->int('n'), $row->float('f'), $row->text('t'), $row->int('summed')]);
        self::assertSame(
            [null, null, null, null],
            [$row->intOrNull('nothing'), $row->floatOrNull('nothing'), $row->textOrNull('nothing'), $row->timeOrNull('nothing')],
        );
        self::assertSame('2026-03-02T09:00:00+00:00', $row->time('at')->format(\DATE_RFC3339));
        self::assertSame(['a', 'b'], $row->words('words'));
        self::assertSame([['part' => 'toe']], $row->objects('places'));
    }

    public function testAColumnThatIsNotThereOrOfAnotherTypeIsAFault(): void
    {
        $row = $this->row('SELECT \'seven\' AS t, NULL AS nothing');
        foreach (
            [
                static fn (): int => $row->int('t'),
                static fn (): float => $row->float('t'),
                static fn (): int => $row->int('nothing'),
                static fn (): string => $row->text('nothing'),
                static fn (): ?int => $row->intOrNull('misspelt'),
            ] as $ask
        ) {
            try {
                $ask();
                self::fail('It was let through.');
            } catch (\LogicException $fault) {
                self::assertStringContainsString('is not what it should be', $fault->getMessage());
            }
        }
    }

    public function testNoRowIsNull(): void
    {
        self::assertNull(Row::first($this->connection(), 'SELECT id FROM ticket WHERE id = ?', [-1]));
        self::assertSame([], Row::all($this->connection(), 'SELECT id FROM ticket WHERE id = ?', [-1]));
    }

    public function testTimesGoThereAndBackInUtc(): void
    {
        $at = new \DateTimeImmutable('2026-03-02T10:15:30+01:00');
        self::assertSame('2026-03-02 09:15:30', Iso::toRow($at));
        self::assertSame('2026-03-02T09:15:30Z', Iso::of($at));
        self::assertSame('2026-03-02T09:15:30Z', Iso::fromRow('2026-03-02 09:15:30'));
        self::assertSame('2026-03-02T09:15:30Z', Iso::fromRow('2026-03-02 09:15:30.000000'));
        self::assertSame([null, null], [Iso::of(null), Iso::fromRow(null)]);
    }

    public function testTheDatabaseIsStrictAndKeepsEveryLetter(): void
    {
        self::assertStringContainsString('STRICT_ALL_TABLES', $this->row('SELECT @@SESSION.sql_mode AS mode')->text('mode'));
        self::assertSame('utf8mb4', $this->row('SELECT @@character_set_connection AS charset')->text('charset'));
        self::assertSame(1, $this->row('SELECT @@GLOBAL.innodb_flush_log_at_trx_commit AS flush')->int('flush'), 'what was done survives the power going');
        $this->signIn();
        $this->must(TicketView::class, 'POST', '/api/tickets', ['customer' => 'Žofia Ångström 👞 靴'] + $this->ticketBody(), 201);
        self::assertSame('Žofia Ångström 👞 靴', $this->row('SELECT customer FROM ticket')->text('customer'));
    }

    private function row(string $sql): Row
    {
        $row = Row::first($this->connection(), $sql);
        self::assertNotNull($row);

        return $row;
    }
}

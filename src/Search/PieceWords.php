<?php

declare(strict_types=1);

namespace KindHeel\App\Search;

use Doctrine\DBAL\ArrayParameterType;
use Doctrine\DBAL\Connection;
use Doctrine\DBAL\Exception\RetryableException;
use KindHeel\App\Database\Row;
use KindHeel\App\Job\Tag;
use KindHeel\App\Running\Chore;
use KindHeel\Core\Anatomy\Kind;
use KindHeel\Core\Care\Cause;
use KindHeel\Core\Care\Fault;
use KindHeel\Core\Colour\Shade;
use KindHeel\Core\Finding\FindingKind;
use KindHeel\Core\Material\Material;
use KindHeel\Core\Product\Family;
use KindHeel\Core\Product\FamilyId;

/**
 * Keeps what is known of each piece in words beside its ledger. Whatever is done to a piece leaves a line there, so its words are old when a line is newer:
 * that is looked up before a search, and costs nothing while people work.
 */
final readonly class PieceWords implements Chore
{
    /** Of one search; what is more is done by the next, and in the background. */
    private const AT_ONCE = 250;
    private const A_ROUND = 12;
    /** Lines are numbered before they are written: one with a lower number may come to be seen a little later. */
    private const OVERLAP = 400;
    /** Marks of the words by which a piece is looked for at the counter. */
    private const AT_THE_COUNTER = 'counter';
    /** In one statement. */
    private const ROWS = 2000;
    /** Lines in which somebody has said something. */
    public const SAID = [
        'opened', 'noted', 'told', 'spoiled', 'again', 'put-down', 'overridden', 'gate-not-yet', 'look-not-enough', 'corrected', 'called-off', 'collected',
        'supplement', 'colour-read', 'keyed',
    ];

    public function __construct(private Connection $connection)
    {
    }

    /** Pieces from before there were words, the newest first. */
    public function round(): void
    {
        for ($some = self::AT_ONCE, $times = 0; self::AT_ONCE === $some && $times < self::A_ROUND; ++$times) {
            $some = $this->some();
        }
    }

    public function all(): void
    {
        while ($this->some() > 0) {
        }
    }

    private function some(): int
    {
        return $this->take('SELECT p.id AS piece_id, (SELECT MAX(e.id) FROM ledger_entry e WHERE e.piece_id = p.id) AS last FROM piece p
            LEFT JOIN piece_text x ON x.piece_id = p.id WHERE x.piece_id IS NULL ORDER BY p.id DESC', self::AT_ONCE);
    }

    /** @return int how many pieces were gone over, of those of which something was written since */
    public function freshen(int $most = self::AT_ONCE): int
    {
        $known = Row::first($this->connection, 'SELECT COALESCE(MAX(upto), 0) AS upto FROM piece_text')?->int('upto') ?? 0;

        return $this->take(
            'SELECT e.piece_id, MAX(e.id) AS last FROM ledger_entry e LEFT JOIN piece_text x ON x.piece_id = e.piece_id
             WHERE e.id > ? AND (x.upto IS NULL OR e.id > x.upto) GROUP BY e.piece_id ORDER BY last DESC',
            $most,
            [$known - self::OVERLAP],
        );
    }

    /** @param list<int> $said */
    private function take(string $pieces, int $most, array $said = []): int
    {
        $last = [];
        foreach (Row::all($this->connection, $pieces.' LIMIT '.$most, $said) as $row) {
            $last[$row->int('piece_id')] = $row->intOrNull('last') ?? 0;
        }
        foreach (array_chunk($last, 100, true) as $some) {
            try {
                $this->write($some);
            } catch (RetryableException) {
                // Somebody else is at the same ones this moment.
                return 0;
            }
        }

        return \count($last);
    }

    public static function mark(string $what, string|int $value): string
    {
        return $what.'_'.$value;
    }

    /**
     * Of a piece `p`: each part of what was typed begins a word by which it is looked for at the counter. Everything of them where nothing was typed that could
     * be looked up.
     *
     * @return array{string, list<string>} SQL and the values in it
     */
    public static function atTheCounter(string $typed): array
    {
        $parts = Typed::parts($typed);

        return [
            [] === $parts ? 'TRUE' : implode(' AND ', array_fill(0, \count($parts), 'p.id IN (SELECT s.piece_id FROM piece_mark s WHERE s.mark LIKE ?)')),
            array_map(static fn (string $part): string => addcslashes(self::mark(self::AT_THE_COUNTER, $part), '%_\\').'%', $parts),
        ];
    }

    /** @param array<int, int> $last the last line of the ledger, by piece */
    private function write(array $last): void
    {
        $ids = array_keys($last);
        $words = $marks = $atTheCounter = [];
        $rows = $this->of(
            'SELECT p.id AS piece_id, p.name, p.kind, p.fault, p.cause, t.id AS ticket, t.customer, t.contact, t.wish, t.opened_at, '.Tag::PLACE.' AS place,
                    (SELECT v.shade FROM piece_part v WHERE v.piece_id = p.id ORDER BY v.id LIMIT 1) AS shade
             FROM piece p JOIN ticket t ON t.id = p.ticket_id WHERE p.id IN (?)',
            $ids,
        );
        foreach ($rows as $row) {
            $kind = $row->enum('kind', Kind::class);
            $fault = $row->enumOrNull('fault', Fault::class);
            $words[$row->int('piece_id')] = [
                $row->text('name'), $row->text('customer'), $row->text('wish'), $kind->label(), $kind->family()->label(),
                Tag::of($row->int('ticket'), $row->int('place')), Shade::tryFrom($row->textOrNull('shade') ?? '')?->label() ?? '',
                ...null === $fault ? [] : [$fault->label(), $row->enumOrNull('cause', Cause::class)?->label() ?? ''],
            ];
            $atTheCounter[$row->int('piece_id')] = [
                $row->text('name'), $row->text('customer'), $row->text('contact'), $row->text('wish'), $kind->label(),
                Tag::of($row->int('ticket'), $row->int('place')),
            ];
            $marks[$row->int('piece_id')] = [
                self::mark('kind', $kind->value), self::mark('of', $kind->family()->value), ...null === $fault ? [] : [self::mark('back', 'yes')],
            ];
        }
        $ids = array_keys($words);
        if ([] === $ids) {
            return;
        }
        foreach ($this->of('SELECT DISTINCT piece_id, material FROM piece_part WHERE piece_id IN (?)', $ids) as $row) {
            $material = $row->enum('material', Material::class);
            $words[$row->int('piece_id')][] = $material->label();
            $marks[$row->int('piece_id')][] = self::mark('material', $material->value);
        }
        foreach ($this->of('SELECT DISTINCT piece_id, kind FROM finding WHERE piece_id IN (?)', $ids) as $row) {
            $finding = $row->enum('kind', FindingKind::class);
            $words[$row->int('piece_id')][] = $finding->label();
            $marks[$row->int('piece_id')][] = self::mark('finding', $finding->value);
        }
        foreach ($this->of(
            "SELECT DISTINCT piece_id, family FROM plan_step WHERE piece_id IN (?) AND status = 'done' AND family IS NOT NULL",
            $ids,
        ) as $row) {
            $family = $row->enum('family', FamilyId::class);
            $words[$row->int('piece_id')][] = Family::of($family)->label;
            $marks[$row->int('piece_id')][] = self::mark('family', $family->value);
        }
        foreach ($this->of(
            'SELECT DISTINCT m.piece_id, m.lot_id, l.batch, r.name FROM lot_move m JOIN product r ON r.id = m.product_id LEFT JOIN lot l ON l.id = m.lot_id
             WHERE m.piece_id IN (?)',
            $ids,
        ) as $row) {
            $lot = $row->intOrNull('lot_id');
            array_push($words[$row->int('piece_id')], $row->text('name'), $row->textOrNull('batch') ?? '');
            if (null !== $lot) {
                $marks[$row->int('piece_id')][] = self::mark('lot', $lot);
            }
        }
        foreach ($this->of(
            'SELECT DISTINCT e.piece_id, e.person_id, w.name FROM ledger_entry e JOIN person w ON w.id = e.person_id WHERE e.piece_id IN (?)',
            $ids,
        ) as $row) {
            $words[$row->int('piece_id')][] = $row->text('name');
            $marks[$row->int('piece_id')][] = self::mark('person', $row->int('person_id'));
        }
        foreach ($this->of(
            "SELECT e.piece_id, e.event, e.text FROM ledger_entry e WHERE e.piece_id IN (?) AND e.event IN ('".implode("', '", self::SAID)."') ORDER BY e.id",
            $ids,
        ) as $row) {
            $words[$row->int('piece_id')][] = $row->text('text');
            if ('noted' === $row->text('event')) {
                $atTheCounter[$row->int('piece_id')][] = $row->text('text');
            }
        }
        $texts = $marked = [];
        foreach ($rows as $row) {
            $id = $row->int('piece_id');
            $text = implode("\n", array_filter(array_unique($words[$id])));
            array_push($texts, $id, $text, $last[$id]);
            $day = substr($row->text('opened_at'), 0, 10);
            $known = array_map(static fn (string $w): string => self::mark('word', $w), Typed::words($text));
            $seen = array_map(static fn (string $w): string => self::mark(self::AT_THE_COUNTER, $w), Typed::parts(implode(' ', $atTheCounter[$id])));
            foreach (['any', ...$marks[$id], ...$known, ...$seen] as $mark) {
                array_push($marked, $mark, $id, $day);
            }
        }
        $this->connection->executeStatement('DELETE FROM piece_mark WHERE piece_id IN (?)', [$ids], [ArrayParameterType::INTEGER]);
        foreach (array_chunk($marked, 3 * self::ROWS) as $some) {
            // What differs in nothing but an accent is the same word to the database.
            $this->connection->executeStatement(
                'INSERT IGNORE INTO piece_mark (mark, piece_id, at) VALUES '.implode(', ', array_fill(0, intdiv(\count($some), 3), '(?, ?, ?)')),
                $some,
            );
        }
        $this->connection->executeStatement(
            'INSERT INTO piece_text (piece_id, words, upto) VALUES '.implode(', ', array_fill(0, \count($rows), '(?, ?, ?)'))
            .' ON DUPLICATE KEY UPDATE words = VALUES(words), upto = VALUES(upto)',
            $texts,
        );
    }

    /**
     * @param list<int> $pieces
     *
     * @return list<Row>
     */
    private function of(string $sql, array $pieces): array
    {
        return Row::all($this->connection, $sql, [$pieces], [ArrayParameterType::INTEGER]);
    }
}

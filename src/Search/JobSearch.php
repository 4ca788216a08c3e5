<?php

declare(strict_types=1);

namespace KindHeel\App\Search;

use Doctrine\DBAL\ArrayParameterType;
use Doctrine\DBAL\Connection;
use KindHeel\App\Clock\Iso;
use KindHeel\App\Database\Row;
use KindHeel\App\Job\Tag;
use KindHeel\Core\Anatomy\Kind;
use KindHeel\Core\Care\Fault;
use KindHeel\Core\Colour\Shade;
use KindHeel\Core\Finding\FindingKind;

/** Asks the ledger: jobs by words and by marks, page by page; six statements at most. */
final readonly class JobSearch
{
    private const PAGE = 20;
    private const LINES = 3;
    public const MOST = 5000;

    public function __construct(private Connection $connection, private PieceWords $words)
    {
    }

    public function page(JobQuery $query): FoundJobsView
    {
        $this->words->freshen();
        $ids = $this->ids($query, self::PAGE + 1, self::PAGE * $query->page);
        $people = array_map(
            static fn (Row $r): FoundPersonView => new FoundPersonView($r->int('id'), $r->text('name')),
            Row::all($this->connection, 'SELECT id, name FROM person ORDER BY name'),
        );

        return new FoundJobsView($this->jobs(\array_slice($ids, 0, self::PAGE), $query), $query->page, \count($ids) > self::PAGE, $people);
    }

    /** @return list<FoundJobView> all that is found, as many as a table holds */
    public function all(JobQuery $query): array
    {
        $this->words->freshen();

        $chunks = array_chunk($this->ids($query, self::MOST, 0), 500);

        return array_merge(...array_map(fn (array $some): array => $this->jobs($some, $query), $chunks));
    }

    /** @return list<int> the newest first: a piece that comes later has a higher number */
    private function ids(JobQuery $query, int $most, int $from): array
    {
        ['words' => $words, 'marks' => $trade] = PieceWords::query($query->find);
        if ('' === $words && [] === $trade && '' !== trim($query->find)) {
            // Nothing that could be looked up was typed.
            return [];
        }
        // Where no word is asked for, the marks alone lead through their index, from its end.
        $said = [...$query->marks(), ...$trade];
        $tables = array_map(static fn (int $n): string => "piece_mark m$n", array_keys($said));
        $where = array_map(static fn (int $n): string => "m$n.mark = ?", array_keys($said));
        if ('' !== $words || null !== $query->from || null !== $query->until || [] === $tables) {
            $tables[] = 'piece_text x';
        }
        $names = array_map(static fn (string $t): string => explode(' ', $t)[1], $tables);
        foreach (\array_slice($names, 1) as $name) {
            $where[] = "$name.piece_id = {$names[0]}.piece_id";
        }
        if ('' !== $words) {
            $where[] = 'MATCH(x.words) AGAINST(? IN BOOLEAN MODE)';
            $said[] = $words;
        }
        foreach (['>=' => $query->from, '<=' => $query->until] as $than => $day) {
            if (null !== $day) {
                $where[] = "x.at $than ?";
                $said[] = $day;
            }
        }

        return array_map(static fn (Row $r): int => $r->int('piece_id'), Row::all(
            $this->connection,
            \sprintf(
                'SELECT %1$s.piece_id FROM %2$s%3$s ORDER BY %1$s.piece_id DESC LIMIT %4$d OFFSET %5$d',
                $names[0],
                implode(', ', $tables),
                [] === $where ? '' : ' WHERE '.implode(' AND ', $where),
                $most,
                $from,
            ),
            $said,
        ));
    }

    /**
     * @param list<int> $ids
     *
     * @return list<FoundJobView>
     */
    private function jobs(array $ids, JobQuery $query): array
    {
        if ([] === $ids) {
            return [];
        }
        $lines = $this->lines($ids, PieceWords::query($query->find)['like']);
        $jobs = [];
        foreach (Row::all(
            $this->connection,
            'SELECT p.id, p.passport_id, p.name, p.kind, p.finished_at, p.fault, t.id AS ticket, t.customer, t.opened_at, '.Tag::PLACE.' AS place,
                    (SELECT v.shade FROM piece_part v WHERE v.piece_id = p.id ORDER BY v.id LIMIT 1) AS shade,
                    (SELECT GROUP_CONCAT(DISTINCT f.kind) FROM finding f WHERE f.piece_id = p.id) AS found
             FROM piece p JOIN ticket t ON t.id = p.ticket_id WHERE p.id IN (?)',
            [$ids],
            [ArrayParameterType::INTEGER],
        ) as $row) {
            $found = $row->textOrNull('found');
            $jobs[$row->int('id')] = new FoundJobView(
                $row->int('id'),
                $row->int('passport_id'),
                Tag::of($row->int('ticket'), $row->int('place')),
                $row->text('name'),
                $row->enum('kind', Kind::class),
                (Shade::tryFrom($row->textOrNull('shade') ?? '') ?? Shade::Chestnut)->lab()->toSrgbHex(),
                $row->text('customer'),
                Iso::always($row->text('opened_at')),
                Iso::fromRow($row->textOrNull('finished_at')),
                $row->enumOrNull('fault', Fault::class)?->label(),
                null === $found ? [] : array_map(static fn (string $f): string => FindingKind::from($f)->label(), explode(',', $found)),
                $lines[$row->int('id')] ?? [],
            );
        }

        return array_values(array_filter(array_map(static fn (int $id): ?FoundJobView => $jobs[$id] ?? null, $ids)));
    }

    /**
     * @param list<int>    $ids
     * @param list<string> $words
     *
     * @return array<int, list<FoundLineView>> by piece, a few each
     */
    private function lines(array $ids, array $words): array
    {
        if ([] === $words) {
            return [];
        }
        $lines = [];
        foreach (Row::all(
            $this->connection,
            'SELECT e.piece_id, e.at, e.text, w.name FROM ledger_entry e JOIN person w ON w.id = e.person_id
             WHERE e.piece_id IN (?) AND e.event IN (?) AND ('.implode(' OR ', array_fill(0, \count($words), 'e.text LIKE ?')).') ORDER BY e.id DESC',
            [$ids, PieceWords::SAID, ...array_map(static fn (string $w): string => '%'.addcslashes($w, '%_\\').'%', $words)],
            [ArrayParameterType::INTEGER, ArrayParameterType::STRING],
        ) as $row) {
            if (\count($lines[$row->int('piece_id')] ?? []) < self::LINES) {
                $lines[$row->int('piece_id')][] = new FoundLineView(Iso::always($row->text('at')), $row->text('name'), $row->text('text'));
            }
        }

        return $lines;
    }
}

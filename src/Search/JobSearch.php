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

/** Asks the ledger: jobs by words and by marks, page by page; seven statements at most. */
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
        $typed = Typed::of($query->find);
        $ids = $this->ids($query, $typed, self::PAGE + 1, self::PAGE * $query->page);
        $people = array_map(
            static fn (Row $r): FoundPersonView => new FoundPersonView($r->int('id'), $r->text('name')),
            Row::all($this->connection, 'SELECT id, name FROM person ORDER BY name'),
        );

        return new FoundJobsView($this->jobs(\array_slice($ids, 0, self::PAGE), $typed), $query->page, \count($ids) > self::PAGE, $people);
    }

    /** @return list<FoundJobView> all that is found, as many as a table holds */
    public function all(JobQuery $query): array
    {
        $this->words->freshen();
        $typed = Typed::of($query->find);
        $chunks = array_chunk($this->ids($query, $typed, self::MOST, 0), 500);

        return array_merge(...array_map(fn (array $some): array => $this->jobs($some, $typed), $chunks));
    }

    /** @return list<int> the newest first: a piece that comes later has a higher number */
    private function ids(JobQuery $query, Typed $typed, int $most, int $from): array
    {
        if ([] === $typed->words && '' !== trim($query->find)) {
            // Nothing that could be looked up was typed.
            return [];
        }
        $tables = $where = $said = [];
        $is = ['any' => '=', ...array_fill_keys($query->marks(), '='), ...$this->beginnings($typed->words)];
        foreach (\count($is) > 1 ? \array_slice($is, 1) : $is as $mark => $compared) {
            $n = \count($tables);
            $tables[] = "piece_mark m$n";
            $where[] = "m$n.mark $compared ?".(0 === $n ? '' : " AND m$n.piece_id = m0.piece_id");
            $said[] = 'LIKE' === $compared ? addcslashes($mark, '%_\\').'%' : $mark;
        }
        if ([] !== $typed->phrases) {
            $tables[] = 'piece_text x';
            $where[] = 'x.piece_id = m0.piece_id AND MATCH(x.words) AGAINST(? IN BOOLEAN MODE)';
            $said[] = implode(' ', array_map(static fn (string $p): string => '+"'.$p.'"', $typed->phrases));
        }
        foreach (['>=' => $query->from, '<=' => $query->until] as $than => $day) {
            if (null !== $day) {
                $where[] = "m0.at $than ?";
                $said[] = $day;
            }
        }

        return array_map(static fn (Row $r): int => $r->int('piece_id'), Row::all(
            $this->connection,
            \sprintf(
                'SELECT %s m0.piece_id FROM %s WHERE %s ORDER BY m0.piece_id DESC LIMIT %d OFFSET %d',
                \in_array('LIKE', $is, true) ? 'DISTINCT' : '',
                implode(', ', $tables),
                implode(' AND ', $where),
                $most,
                $from,
            ),
            $said,
        ));
    }

    /**
     * Of most words that are typed there is nothing longer: those are asked for as they are.
     *
     * @param list<string> $words
     *
     * @return array<string, string> how each is compared, by mark
     */
    private function beginnings(array $words): array
    {
        if ([] === $words) {
            return [];
        }
        $compared = [];
        foreach ($words as $word) {
            $compared[PieceWords::mark('word', $word)] = '=';
        }
        $longer = implode(' UNION ALL ', array_fill(0, \count($words), '(SELECT ? AS word FROM piece_mark WHERE mark LIKE ? AND mark > ? LIMIT 1)'));
        $said = [];
        foreach (array_keys($compared) as $mark) {
            array_push($said, $mark, addcslashes($mark, '%_\\').'%', $mark);
        }
        foreach (Row::all($this->connection, $longer, $said) as $row) {
            $compared[$row->text('word')] = 'LIKE';
        }

        return $compared;
    }

    /**
     * @param list<int> $ids
     *
     * @return list<FoundJobView>
     */
    private function jobs(array $ids, Typed $typed): array
    {
        if ([] === $ids) {
            return [];
        }
        $lines = $this->lines($ids, $typed->lines());
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
                (Shade::tryFrom($row->textOrNull('shade') ?? '') ?? Shade::Chestnut)->hex(),
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

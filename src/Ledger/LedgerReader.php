<?php

declare(strict_types=1);

namespace KindHeel\App\Ledger;

use Doctrine\DBAL\Connection;
use KindHeel\App\Clock\Iso;
use KindHeel\App\Database\Row;
use KindHeel\App\Job\Halves;
use KindHeel\Core\Anatomy\Kind;
use KindHeel\Core\Colour\Shade;

final readonly class LedgerReader
{
    private const MOST = 300;
    private const ALL = 100_000;

    public function __construct(private Connection $connection)
    {
    }

    /** Of one piece, or of the one last touched. */
    public function of(?int $piece): LedgerView
    {
        $pieces = array_map(static fn (Row $r): LedgerPieceView => new LedgerPieceView(
            $r->int('id'),
            $r->text('name'),
            $r->text('customer'),
            $r->enum('kind', Kind::class),
            Iso::fromRow($r->textOrNull('finished_at')),
            Shade::from($r->text('shade'))->hex(),
        ), Row::all(
            $this->connection,
            // By the newest lines: with two thousand pieces the database would go from one to the next, which takes three times as long.
            'SELECT p.id, p.name, p.kind, p.finished_at, t.customer, v.shade
             FROM (SELECT piece_id, MAX(id) AS last FROM ledger_entry FORCE INDEX (PRIMARY) WHERE id > (SELECT MAX(id) FROM ledger_entry) - 4000
                   GROUP BY piece_id ORDER BY last DESC LIMIT 60) e
             JOIN piece p ON p.id = e.piece_id JOIN ticket t ON t.id = p.ticket_id
             JOIN piece_part v ON v.id = (SELECT MIN(f.id) FROM piece_part f WHERE f.piece_id = p.id) ORDER BY e.last DESC',
        ));
        $piece ??= $pieces[0]->id ?? null;
        $entries = null === $piece ? [] : $this->entries($piece, self::MOST);
        $done = array_filter($entries, static fn (EntryView $e): bool => Event::Done === $e->event);

        return new LedgerView(
            $pieces,
            $piece,
            $entries,
            array_sum(array_map(static fn (EntryView $e): float => $e->plannedMinutes ?? 0.0, $done)),
            // What was put right afterwards is told by how much.
            array_sum(array_map(static fn (EntryView $e): int => $e->realMinutes ?? 0, $entries)),
        );
    }

    /** @return list<EntryView> of a piece, the oldest first */
    public function all(int $piece): array
    {
        return array_reverse($this->entries($piece, self::ALL));
    }

    /** @return list<EntryView> the newest first */
    private function entries(int $piece, int $most): array
    {
        return array_map(static fn (Row $r): EntryView => new EntryView(
            id: $r->int('id'),
            at: Iso::always($r->text('at')),
            event: $r->enum('event', Event::class),
            person: $r->text('person'),
            piece: $r->int('piece_id'),
            text: $r->text('text'),
            half: $r->enumOrNull('halves', Halves::class),
            tempC: $r->floatOrNull('temp_c'),
            humidity: null === $r->floatOrNull('rh') ? null : (int) round(100 * $r->float('rh')),
            plannedMinutes: $r->floatOrNull('planned_minutes'),
            realMinutes: $r->intOrNull('real_minutes'),
        ), Row::all(
            $this->connection,
            'SELECT e.*, w.name AS person FROM ledger_entry e JOIN person w ON w.id = e.person_id WHERE e.piece_id = ? ORDER BY e.id DESC LIMIT '.$most,
            [$piece],
        ));
    }
}

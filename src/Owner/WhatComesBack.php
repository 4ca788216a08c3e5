<?php

declare(strict_types=1);

namespace KindHeel\App\Owner;

use Doctrine\DBAL\Connection;
use KindHeel\App\Clock\Iso;
use KindHeel\App\Database\Row;
use KindHeel\Core\Care\Cause;
use KindHeel\Core\Care\Fault;
use KindHeel\Core\Product\Family;
use KindHeel\Core\Product\FamilyId;
use KindHeel\Core\Product\Phase;
use Psr\Clock\ClockInterface;

/** What came back, by product, stretch of work, lot and season, over the last years; five statements. */
final readonly class WhatComesBack
{
    private const LISTED = 100;
    private const SHOWN = 12;
    private const SEASONS = ['winter', 'spring', 'summer', 'autumn'];
    /** Of each group: pieces finished since, and those of them that a later visit put right. */
    private const COUNT = 'COUNT(DISTINCT p.id) AS pieces, COUNT(DISTINCT b.mends_id) AS back';

    public function __construct(private Connection $connection, private ClockInterface $clock)
    {
    }

    public function read(int $years): WhatComesBackView
    {
        $since = $this->clock->now()->modify(\sprintf('-%d years', $years))->format('Y-m-d H:i:s');
        $steps = "FROM plan_step s JOIN piece p ON p.id = s.piece_id LEFT JOIN piece b ON b.mends_id = p.id
            WHERE s.status = 'done' AND p.finished_at > ?";

        return new WhatComesBackView(
            $years,
            Row::first($this->connection, 'SELECT COUNT(*) AS n FROM piece WHERE finished_at > ? AND called_off IS NULL', [$since])?->int('n') ?? 0,
            $this->back($since),
            $this->shares(
                'SELECT s.family AS what, '.self::COUNT." $steps AND s.family IS NOT NULL GROUP BY s.family",
                $since,
                static fn (string $id): string => Family::of(FamilyId::from($id))->label,
            ),
            $this->shares(
                'SELECT s.phase AS what, '.self::COUNT." $steps GROUP BY s.phase",
                $since,
                static fn (string $id): string => Phase::from($id)->label(),
            ),
            $this->shares(
                "SELECT CONCAT(r.name, ', ', IF(l.batch = '', CONCAT('lot ', l.id), l.batch)) AS what, ".self::COUNT.'
                 FROM lot_move m JOIN lot l ON l.id = m.lot_id JOIN product r ON r.id = l.product_id JOIN piece p ON p.id = m.piece_id
                 LEFT JOIN piece b ON b.mends_id = p.id WHERE p.finished_at > ? GROUP BY l.id',
                $since,
                static fn (string $lot): string => $lot,
            ),
            $this->shares(
                'SELECT MONTH(p.finished_at) % 12 DIV 3 AS what, '.self::COUNT.'
                 FROM piece p LEFT JOIN piece b ON b.mends_id = p.id WHERE p.finished_at > ? GROUP BY what',
                $since,
                static fn (string $season): string => self::SEASONS[(int) $season],
            ),
        );
    }

    /** @return list<BackView> */
    private function back(string $since): array
    {
        return array_map(static fn (Row $row): BackView => new BackView(
            $row->int('id'),
            $row->int('passport_id'),
            $row->text('name'),
            $row->enum('fault', Fault::class)->label(),
            null === $row->textOrNull('cause') ? null : $row->enum('cause', Cause::class)->label(),
            Iso::always($row->text('mended')),
            Iso::always($row->text('opened_at')),
        ), Row::all(
            $this->connection,
            'SELECT b.id, b.passport_id, b.name, b.fault, b.cause, m.opened_at AS mended, t.opened_at FROM piece b JOIN piece p ON p.id = b.mends_id
             JOIN ticket t ON t.id = b.ticket_id JOIN ticket m ON m.id = p.ticket_id WHERE t.opened_at > ? AND b.fault IS NOT NULL
             ORDER BY t.opened_at DESC, b.id DESC LIMIT '.self::LISTED,
            [$since],
        ));
    }

    /**
     * @param \Closure(string): string $label
     *
     * @return list<ShareBackView> those of which most came back first; none of which nothing did
     */
    private function shares(string $sql, string $since, \Closure $label): array
    {
        $shares = [];
        foreach (Row::all($this->connection, $sql, [$since]) as $row) {
            if ($row->int('back') > 0) {
                $shares[] = new ShareBackView($label($row->text('what')), $row->int('pieces'), $row->int('back'));
            }
        }
        usort($shares, static fn (ShareBackView $a, ShareBackView $b): int => [$b->back / $b->pieces, $b->back] <=> [$a->back / $a->pieces, $a->back]);

        return \array_slice($shares, 0, self::SHOWN);
    }
}

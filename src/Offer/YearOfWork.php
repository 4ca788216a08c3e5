<?php

declare(strict_types=1);

namespace KindHeel\App\Offer;

use Doctrine\DBAL\Connection;
use KindHeel\App\Clock\Iso;
use KindHeel\App\Database\Row;

/** What was laid, how long it was waited for in which air, which promises were kept and what came back; four statements. */
final readonly class YearOfWork
{
    private const PRODUCTS = 20;
    /** Relative humidity in which it dried, the driest first. */
    private const AIRS = ['dry, below 40 %', '40 to 60 %', 'damp, over 60 %'];

    /** From when on it may be tested. */
    private const FROM = "CASE s.gate_from WHEN 'touch' THEN s.touch_at WHEN 'recoat_from' THEN s.recoat_from_at WHEN 'next' THEN s.next_at ELSE s.full_at END";

    public function __construct(private Connection $connection)
    {
    }

    /** @return list<LaidView> the most often laid first */
    public function coats(\DateTimeImmutable $since): array
    {
        return array_map(static fn (Row $r): LaidView => new LaidView(
            $r->text('name'),
            $r->int('times'),
            round($r->float('amount'), 1),
            $r->text('unit'),
        ), Row::all(
            $this->connection,
            "SELECT r.name, r.unit, COUNT(*) AS times, SUM(-m.amount) AS amount FROM lot_move m JOIN product r ON r.id = m.product_id
             WHERE m.at >= ? AND m.kind IN ('step', 'pot') GROUP BY r.id, r.name, r.unit ORDER BY times DESC, r.name LIMIT ".self::PRODUCTS,
            [Iso::toRow($since)],
        ));
    }

    /** @return list<WaitsView> until a test was passed, by the air in which it was waited */
    public function waits(\DateTimeImmutable $since): array
    {
        return array_map(static fn (Row $r): WaitsView => new WaitsView(
            self::AIRS[$r->int('air')],
            $r->int('waits'),
            (int) round($r->float('foreseen')),
            (int) round($r->float('taken')),
        ), Row::all(
            $this->connection,
            'SELECT IF(s.gate_rh < 0.4, 0, IF(s.gate_rh <= 0.6, 1, 2)) AS air, COUNT(*) AS waits,
                    AVG(TIMESTAMPDIFF(SECOND, s.ended_at, '.self::FROM.')) / 60 AS foreseen,
                    AVG(TIMESTAMPDIFF(SECOND, s.ended_at, s.gate_passed_at)) / 60 AS taken
             FROM plan_step s WHERE s.gate_passed_at >= ? AND s.gate_rh IS NOT NULL AND '.self::FROM.' IS NOT NULL GROUP BY air ORDER BY air',
            [Iso::toRow($since)],
        ));
    }

    /** @return array<string, array{int, int}> promises that were due, and kept, by month */
    public function promises(\DateTimeImmutable $since, \DateTimeImmutable $now): array
    {
        $months = [];
        foreach (Row::all(
            $this->connection,
            "SELECT DATE_FORMAT(t.promised_at, '%Y-%m') AS month, COUNT(*) AS promised, SUM(NOT EXISTS (
                SELECT 1 FROM piece p WHERE p.ticket_id = t.id AND p.called_off IS NULL AND (p.finished_at IS NULL OR p.finished_at > t.promised_at)
             )) AS kept FROM ticket t WHERE t.promised = 1 AND t.elsewhere = '' AND t.promised_at >= ? AND t.promised_at < ? GROUP BY month",
            [Iso::toRow($since), Iso::toRow($now)],
        ) as $row) {
            $months[$row->text('month')] = [$row->int('promised'), $row->int('kept')];
        }

        return $months;
    }

    /** @return array<string, int> pieces that came back, by the month in which they did */
    public function back(\DateTimeImmutable $since): array
    {
        $months = [];
        foreach (Row::all(
            $this->connection,
            "SELECT DATE_FORMAT(t.opened_at, '%Y-%m') AS month, COUNT(*) AS back FROM piece p JOIN ticket t ON t.id = p.ticket_id
             WHERE p.mends_id IS NOT NULL AND t.elsewhere = '' AND t.opened_at >= ? GROUP BY month",
            [Iso::toRow($since)],
        ) as $row) {
            $months[$row->text('month')] = $row->int('back');
        }

        return $months;
    }
}

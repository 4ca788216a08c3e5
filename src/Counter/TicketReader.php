<?php

declare(strict_types=1);

namespace KindHeel\App\Counter;

use Doctrine\DBAL\ArrayParameterType;
use Doctrine\DBAL\Connection;
use KindHeel\App\Http\Iso;
use KindHeel\App\Piece\PieceState;
use KindHeel\Core\Colour\Shade;
use Psr\Clock\ClockInterface;

final readonly class TicketReader
{
    private const MOST = 200;

    public function __construct(private Connection $connection, private ClockInterface $clock)
    {
    }

    public function all(?int $only = null): TicketsView
    {
        $rows = $this->connection->fetchAllAssociative(
            'SELECT t.id AS ticket, t.customer, t.contact, t.wish, t.promised_at, t.opened_at,
                    p.id, p.name, p.kind, p.aim, p.assessed, p.planned_from, p.finished_at,
                    (SELECT COUNT(*) FROM plan_step s WHERE s.piece_id = p.id) AS steps,
                    (SELECT COUNT(*) FROM plan_step s WHERE s.piece_id = p.id AND s.status = \'done\') AS done,
                    (SELECT COUNT(*) FROM plan_step s WHERE s.piece_id = p.id AND s.status <> \'open\') AS begun
             FROM ticket t JOIN piece p ON p.ticket_id = t.id '
            .(null === $only ? '' : 'WHERE t.id = '.$only.' ')
            .'ORDER BY p.finished_at IS NOT NULL, CASE WHEN p.finished_at IS NULL THEN t.promised_at END, t.promised_at DESC, t.id, p.id LIMIT '.self::MOST,
        );
        $colours = self::colours($this->connection, array_map(static fn (array $r): int => (int) $r['id'], $rows));
        $tickets = [];
        foreach ($rows as $row) {
            $tickets[$row['ticket']]['row'] = $row;
            $tickets[$row['ticket']]['pieces'][] = new PieceRowView(
                (int) $row['id'],
                (string) $row['name'],
                (string) $row['kind'],
                (string) $row['aim'],
                PieceState::word((int) $row['assessed'], null === $row['planned_from'] ? null : (int) $row['planned_from'], (int) $row['steps'], (int) $row['begun'], null !== $row['finished_at']),
                (int) $row['done'],
                (int) $row['steps'],
                $colours[(int) $row['id']] ?? [],
            );
        }

        return new TicketsView(array_values(array_map(static fn (array $t): TicketView => new TicketView(
            (int) $t['row']['ticket'],
            (string) $t['row']['customer'],
            (string) $t['row']['contact'],
            (string) $t['row']['wish'],
            Iso::always((string) $t['row']['promised_at']),
            Iso::always((string) $t['row']['opened_at']),
            $t['pieces'],
        ), $tickets)), $this->clock->now()->format(\DATE_RFC3339));
    }

    /**
     * @param list<int> $pieces
     *
     * @return array<int, list<PartColourView>> by piece
     */
    public static function colours(Connection $connection, array $pieces): array
    {
        static $hex = [];
        $found = [];
        foreach ([] === $pieces ? [] : $connection->fetchAllNumeric('SELECT piece_id, half, part, shade FROM piece_part WHERE piece_id IN (?)', [$pieces], [ArrayParameterType::INTEGER]) as [$piece, $half, $part, $shade]) {
            $found[(int) $piece][] = new PartColourView($half, $part, $hex[$shade] ??= Shade::from($shade)->lab()->toSrgbHex());
        }

        return $found;
    }
}

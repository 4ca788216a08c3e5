<?php

declare(strict_types=1);

namespace KindHeel\App\Counter;

use Doctrine\DBAL\ArrayParameterType;
use Doctrine\DBAL\Connection;
use KindHeel\App\Database\Row;
use KindHeel\App\Http\Iso;
use KindHeel\App\Piece\PieceState;
use KindHeel\App\Piece\Tag;
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
        $rows = Row::all(
            $this->connection,
            'SELECT t.id AS ticket, t.customer, t.contact, t.wish, t.promised_at, t.opened_at,
                    p.id, p.name, p.kind, '.Tag::PLACE.' AS place, p.aim, p.assessed, p.planned_from, p.finished_at,
                    COALESCE(n.steps, 0) AS steps, COALESCE(n.done, 0) AS done, COALESCE(n.begun, 0) AS begun
             FROM ticket t JOIN piece p ON p.ticket_id = t.id
             LEFT JOIN (SELECT piece_id, COUNT(*) AS steps, SUM(status = \'done\') AS done, SUM(status <> \'open\') AS begun FROM plan_step GROUP BY piece_id) n ON n.piece_id = p.id '
            .(null === $only ? '' : 'WHERE t.id = '.$only.' ')
            .'ORDER BY p.finished_at IS NOT NULL, CASE WHEN p.finished_at IS NULL THEN t.promised_at END, t.promised_at DESC, t.id, p.id LIMIT '.self::MOST,
        );
        $colours = self::colours($this->connection, array_map(static fn (Row $r): int => $r->int('id'), $rows));
        $heads = [];
        $pieces = [];
        foreach ($rows as $row) {
            $heads[$row->int('ticket')] = $row;
            $pieces[$row->int('ticket')][] = new PieceRowView(
                $row->int('id'),
                Tag::of($row->int('ticket'), $row->int('place')),
                $row->text('name'),
                $row->text('kind'),
                $row->text('aim'),
                PieceState::word($row->int('assessed'), $row->intOrNull('planned_from'), $row->int('steps'), $row->int('begun'), null !== $row->textOrNull('finished_at')),
                $row->int('done'),
                $row->int('steps'),
                $colours[$row->int('id')] ?? [],
            );
        }

        return new TicketsView(array_values(array_map(static fn (Row $head): TicketView => new TicketView(
            $head->int('ticket'),
            $head->text('customer'),
            $head->text('contact'),
            $head->text('wish'),
            Iso::always($head->text('promised_at')),
            Iso::always($head->text('opened_at')),
            $pieces[$head->int('ticket')],
        ), $heads)), $this->clock->now()->format(\DATE_RFC3339));
    }

    /**
     * @param list<int> $pieces
     *
     * @return array<int, list<PartColourView>> by piece
     */
    public static function colours(Connection $connection, array $pieces): array
    {
        $found = [];
        $rows = [] === $pieces ? [] : Row::all($connection, 'SELECT piece_id, half, part, shade FROM piece_part WHERE piece_id IN (?)', [$pieces], [ArrayParameterType::INTEGER]);
        $hex = array_combine(array_column(Shade::cases(), 'value'), array_map(static fn (Shade $s): string => $s->lab()->toSrgbHex(), Shade::cases()));
        foreach ($rows as $row) {
            $found[$row->int('piece_id')][] = new PartColourView($row->text('half'), $row->text('part'), $hex[$row->text('shade')]);
        }

        return $found;
    }
}

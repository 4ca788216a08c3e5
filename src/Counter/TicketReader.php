<?php

declare(strict_types=1);

namespace KindHeel\App\Counter;

use Doctrine\DBAL\Connection;
use KindHeel\App\Clock\Iso;
use KindHeel\App\Database\Row;
use KindHeel\App\Job\PieceColours;
use KindHeel\App\Job\PieceProgress;
use KindHeel\App\Job\Steps;
use KindHeel\App\Job\Tag;
use KindHeel\Core\Anatomy\Kind;
use KindHeel\Core\Assessment\Aim;
use Psr\Clock\ClockInterface;

final readonly class TicketReader
{
    private const MOST = 200;

    public function __construct(private Connection $connection, private PieceColours $colours, private ClockInterface $clock)
    {
    }

    public function all(?int $only = null): TicketsView
    {
        $rows = Row::all(
            $this->connection,
            'SELECT t.id AS ticket, t.customer, t.contact, t.wish, t.promised_at, t.opened_at,
                    p.id, p.name, p.kind, '.Tag::PLACE.' AS place, p.aim, p.assessed, p.planned_from, p.finished_at,
                    '.Steps::COUNTED.'
             FROM ticket t JOIN piece p ON p.ticket_id = t.id '
            .(null === $only ? '' : 'WHERE t.id = '.$only.' ')
            .'ORDER BY p.finished_at IS NOT NULL, CASE WHEN p.finished_at IS NULL THEN t.promised_at END, t.promised_at DESC, t.id, p.id LIMIT '.self::MOST,
        );
        $colours = $this->colours->of(array_map(static fn (Row $r): int => $r->int('id'), $rows));
        $heads = [];
        $pieces = [];
        foreach ($rows as $row) {
            $heads[$row->int('ticket')] = $row;
            $pieces[$row->int('ticket')][] = new PieceRowView(
                id: $row->int('id'),
                tag: Tag::of($row->int('ticket'), $row->int('place')),
                name: $row->text('name'),
                kind: $row->enum('kind', Kind::class),
                aim: $row->enum('aim', Aim::class),
                state: $progress = PieceProgress::of($row),
                hasPlan: $progress->hasPlan(),
                stepsDone: $row->int('done'),
                stepsAll: $row->int('steps'),
                colours: $colours[$row->int('id')] ?? [],
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
}

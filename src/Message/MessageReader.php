<?php

declare(strict_types=1);

namespace KindHeel\App\Message;

use Doctrine\DBAL\Connection;
use KindHeel\App\Clock\Iso;
use KindHeel\App\Database\Row;
use KindHeel\App\Job\ReachedBy;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** What owners are told, page by page. */
final readonly class MessageReader
{
    private const PAGE = 40;
    private const COLUMNS = 'SELECT m.*, o.name AS owner_name, w.name AS writer
        FROM message m JOIN owner o ON o.id = m.owner_id JOIN person w ON w.id = m.written_by_id';
    /** Whoever is reached in another way is told in person, on the same round. */
    /** On paper in one go. */
    private const LETTERS = 500;
    private const CALLS = [ReachedBy::Phone->value, ReachedBy::Other->value];

    public function __construct(private Connection $connection, private string $mailerDsn)
    {
    }

    public function page(?MessageState $state, ?ReachedBy $by, ?int $owner, int $page): MessagesView
    {
        $where = ['1 = 1'];
        $said = [];
        foreach ([
            'm.state' => $state?->value, 'm.by_way' => ReachedBy::Phone === $by ? self::CALLS : $by?->value, 'm.owner_id' => $owner,
        ] as $column => $value) {
            if (null !== $value) {
                $where[] = $column.' IN ('.implode(', ', array_fill(0, \count((array) $value), '?')).')';
                array_push($said, ...(array) $value);
            }
        }
        $rows = Row::all(
            $this->connection,
            self::COLUMNS.' WHERE '.implode(' AND ', $where).' ORDER BY m.id DESC LIMIT '.(self::PAGE + 1).' OFFSET '.self::PAGE * $page,
            $said,
        );
        $count = Row::first(
            $this->connection,
            "SELECT COALESCE(SUM(state = 'waiting' AND by_way = 'post'), 0) AS letters,
                    COALESCE(SUM(state = 'waiting' AND by_way IN ('phone', 'other')), 0) AS calls, COALESCE(SUM(state = 'failed'), 0) AS failed
             FROM message WHERE state IN ('waiting', 'failed')",
        );

        return new MessagesView(
            array_map(self::view(...), \array_slice($rows, 0, self::PAGE)),
            $page,
            \count($rows) > self::PAGE,
            str_starts_with($this->mailerDsn, 'null:'),
            $count?->int('letters') ?? 0,
            $count?->int('calls') ?? 0,
            $count?->int('failed') ?? 0,
        );
    }

    /** @return list<MessageView> that wait to be posted, the oldest first */
    public function letters(): array
    {
        return array_map(self::view(...), Row::all(
            $this->connection,
            self::COLUMNS." WHERE m.state = 'waiting' AND m.by_way = ? ORDER BY m.id LIMIT ".self::LETTERS,
            [ReachedBy::Post->value],
        ));
    }

    public function one(int $id): MessageView
    {
        return $this->last('m.id = ?', $id);
    }

    /** The last that was written of a ticket. */
    public function ofTicket(int $ticket): MessageView
    {
        return $this->last('m.ticket_id = ?', $ticket);
    }

    private function last(string $which, int $id): MessageView
    {
        return self::view(Row::first($this->connection, self::COLUMNS." WHERE $which ORDER BY m.id DESC LIMIT 1", [$id]) ?? throw new NotFoundHttpException());
    }

    private static function view(Row $r): MessageView
    {
        return new MessageView(
            $r->int('id'),
            $r->int('version'),
            $r->int('owner_id'),
            $r->text('owner_name'),
            $r->enum('occasion', Occasion::class),
            $r->enum('by_way', ReachedBy::class),
            $r->text('goes_to'),
            $r->text('subject'),
            $r->text('body'),
            $r->enum('state', MessageState::class),
            Iso::always($r->text('written_at')),
            $r->text('writer'),
            Iso::always($r->text('not_before')),
            $r->int('tries'),
            $r->text('failure'),
            Iso::of($r->timeOrNull('ended_at')),
        );
    }
}

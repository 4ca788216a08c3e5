<?php

declare(strict_types=1);

namespace KindHeel\App\Shelf;

use Doctrine\DBAL\Connection;
use KindHeel\App\Database\Row;
use KindHeel\App\Http\Answer;
use Psr\Clock\ClockInterface;
use Symfony\Component\HttpFoundation\JsonResponse;

/**
 * A large shelf for many who look at it: what was read is shown again for as long as nothing has changed of products, lots, what was taken, orders and plans.
 * It lies in the database, so it does not matter which server is asked.
 */
final readonly class ShowShelf
{
    private const ONE = 1;
    /** What it is read from, in a few figures: whatever changes any of it changes one of them. */
    private const MARK = 'SELECT CONCAT_WS(\'/\', (SELECT asked FROM timetable), (SELECT CONCAT_WS(\'-\', COUNT(*), SUM(version), MAX(id)) FROM product),
            (SELECT CONCAT_WS(\'-\', COUNT(*), SUM(left_amount), COUNT(opened_at), COUNT(emptied_at), MAX(id)) FROM lot),
            (SELECT MAX(id) FROM lot_move),
            (SELECT CONCAT_WS(\'-\', COUNT(*), COUNT(received_at), MAX(id)) FROM purchase_order)) AS mark, s.mark AS shown, s.body
        FROM (SELECT 1) one LEFT JOIN shelf_shown s ON s.id = '.self::ONE;

    public function __construct(private Connection $connection, private ShelfReader $reader, private ClockInterface $clock)
    {
    }

    public function answer(): JsonResponse
    {
        $row = Row::first($this->connection, self::MARK) ?? throw new \LogicException('One row is always there.');
        // What is too old, and how fast it goes, is another thing an hour later.
        $mark = hash('sha256', $row->text('mark').$this->clock->now()->format('Y-m-d H'));
        if ($mark === $row->textOrNull('shown')) {
            return JsonResponse::fromJsonString($row->text('body'));
        }
        $body = Answer::json($this->reader->all());
        $this->connection->executeStatement(
            'INSERT INTO shelf_shown (id, mark, body) VALUES (?, ?, ?) ON DUPLICATE KEY UPDATE mark = VALUES(mark), body = VALUES(body)',
            [self::ONE, $mark, $body],
        );

        return JsonResponse::fromJsonString($body);
    }
}

<?php

declare(strict_types=1);

namespace KindHeel\App\Counter;

use Doctrine\DBAL\ArrayParameterType;
use Doctrine\DBAL\Connection;
use KindHeel\App\Database\Row;
use Psr\Clock\ClockInterface;

/** Until when coats of a piece are still curing: before that, nobody should wear it (O-29). */
final readonly class Cure
{
    public function __construct(private Connection $connection, private ClockInterface $clock)
    {
    }

    /**
     * @param list<int> $pieces
     *
     * @return array<int, \DateTimeImmutable> of those that are curing, by piece
     */
    public function until(array $pieces): array
    {
        $now = $this->clock->now();
        $until = [];
        foreach ([] === $pieces ? [] : Row::all(
            $this->connection,
            "SELECT piece_id, MAX(UNIX_TIMESTAMP(full_at) + 60 * added_minutes) AS full FROM plan_step
             WHERE piece_id IN (?) AND status = 'done' AND spoiled = 0 AND drying_family IS NOT NULL AND full_at IS NOT NULL GROUP BY piece_id",
            [$pieces],
            [ArrayParameterType::INTEGER],
        ) as $row) {
            $at = $now->setTimestamp((int) ceil($row->float('full')));
            if ($at > $now) {
                $until[$row->int('piece_id')] = $at;
            }
        }

        return $until;
    }
}

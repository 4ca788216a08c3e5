<?php

declare(strict_types=1);

namespace KindHeel\App\Running;

use Doctrine\DBAL\ArrayParameterType;
use Doctrine\DBAL\Connection;
use KindHeel\App\Clock\Iso;
use Psr\Clock\ClockInterface;

/**
 * Throws away what nobody asks for any more: answers that were remembered for a second try, sign-ins that failed, sessions that have ended,
 * and what hands did so long ago that nobody takes it back.
 *
 * What is old is looked up without a lock and deleted by its key, in small pieces each of its own transaction: nobody who writes waits for it.
 */
final readonly class Housekeeping
{
    public const PIECE = 200;
    /** A round ends after so many pieces; the next goes on. */
    private const PIECES = 50;

    public function __construct(private Connection $connection, private ClockInterface $clock)
    {
    }

    /** @return int how many rows went */
    public function round(): int
    {
        $yesterday = Iso::toRow($this->clock->now()->modify('-1 day'));

        $longAgo = Iso::toRow($this->clock->now()->modify('-60 days'));

        return $this->forget('remembered_answer', 'request', 'at < ?', $yesterday)
            + $this->forget('step_act', 'id', 'at < ?', $longAgo)
            + $this->forget('sign_in_failure', 'id', 'at < ?', $yesterday)
            // Sessions and sign-ins live by the machine's own time, whatever the demo's is.
            + $this->forget('sign_in', 'id', 'seen_at < ?', Iso::toRow(new \DateTimeImmutable('-60 days')))
            + $this->forget('account_note', 'id', 'at < ?', Iso::toRow(new \DateTimeImmutable('-60 days')))
            + $this->forget('sessions', 'sess_id', 'sess_lifetime < ?', time());
    }

    private function forget(string $table, string $key, string $old, string|int $value): int
    {
        $gone = 0;
        for ($piece = 0; $piece < self::PIECES; ++$piece) {
            $keys = $this->connection->fetchFirstColumn("SELECT $key FROM $table WHERE $old ORDER BY $key LIMIT ".self::PIECE, [$value]);
            if ([] !== $keys) {
                $gone += (int) $this->connection->executeStatement("DELETE FROM $table WHERE $key IN (?)", [$keys], [ArrayParameterType::STRING]);
            }
            if (\count($keys) < self::PIECE) {
                break;
            }
        }

        return $gone;
    }
}

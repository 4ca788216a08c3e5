<?php

declare(strict_types=1);

namespace KindHeel\App\Owner;

use Doctrine\DBAL\ArrayParameterType;
use Doctrine\DBAL\Connection;
use KindHeel\App\Clock\Iso;
use KindHeel\App\Database\Row;
use KindHeel\App\Picture\PictureStore;
use KindHeel\App\Running\Chore;
use Psr\Clock\ClockInterface;

/** Whoever has not allowed it, of theirs no picture is kept once a piece has gone home; what went by mistake may come back until then. */
final readonly class ForgetPictures implements Chore
{
    private const AFTER = '-2 days';
    private const AT_ONCE = 100;

    public function __construct(private Connection $connection, private PictureStore $store, private ClockInterface $clock)
    {
    }

    public function round(): void
    {
        $rows = Row::all(
            $this->connection,
            'SELECT i.id, i.digest FROM owner o JOIN ticket t ON t.owner_id = o.id JOIN piece p ON p.ticket_id = t.id JOIN picture i ON i.piece_id = p.id
             WHERE o.may_keep_pictures = 0 AND p.collected_at < ? LIMIT '.self::AT_ONCE,
            [Iso::toRow($this->clock->now()->modify(self::AFTER))],
        );
        if ([] === $rows) {
            return;
        }
        $this->connection->executeStatement(
            'DELETE FROM picture WHERE id IN (?)',
            [array_map(static fn (Row $r): int => $r->int('id'), $rows)],
            [ArrayParameterType::INTEGER],
        );
        $this->forget(array_map(static fn (Row $r): string => $r->text('digest'), $rows));
    }

    /**
     * Files are taken away once no piece shows them any more.
     *
     * @param list<string> $digests
     */
    public function forget(array $digests): void
    {
        foreach (array_unique($digests) as $digest) {
            if (null === Row::first($this->connection, 'SELECT id FROM picture WHERE digest = ? LIMIT 1', [$digest])) {
                $this->store->forget($digest);
            }
        }
    }
}

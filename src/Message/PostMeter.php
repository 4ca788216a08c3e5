<?php

declare(strict_types=1);

namespace KindHeel\App\Message;

use Doctrine\DBAL\Connection;
use KindHeel\App\Running\Measure;
use KindHeel\App\Running\Meter;

/** What owners are still to be told. */
final readonly class PostMeter implements Meter
{
    public function __construct(private Connection $connection)
    {
    }

    public function measures(): iterable
    {
        $counts = $this->connection->fetchAllKeyValue("SELECT state, COUNT(*) FROM message WHERE state IN ('waiting', 'failed') GROUP BY state");
        $of = static fn (MessageState $state): int => is_numeric($n = $counts[$state->value] ?? 0) ? (int) $n : 0;
        yield new Measure('messages', 'Messages to owners that wait, and that could not be sent.', 'gauge', [
            '{state="waiting"}' => $of(MessageState::Waiting), '{state="failed"}' => $of(MessageState::Failed),
        ]);
    }
}

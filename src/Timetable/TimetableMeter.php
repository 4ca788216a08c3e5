<?php

declare(strict_types=1);

namespace KindHeel\App\Timetable;

use Doctrine\DBAL\Connection;
use KindHeel\App\Database\Row;
use KindHeel\App\Running\Measure;
use KindHeel\App\Running\Meter;

/** How far re-planning lies behind what people do. */
final readonly class TimetableMeter implements Meter
{
    public function __construct(private Connection $connection)
    {
    }

    public function measures(): iterable
    {
        $row = Row::first($this->connection, 'SELECT asked, asked - solved AS waiting FROM timetable LIMIT 1');
        yield new Measure('replanning_asked_total', 'Acts after which the day was placed anew.', 'counter', ['' => $row?->int('asked') ?? 0]);
        yield new Measure('replanning_waiting', 'Of those, for how many no better order has been looked for yet.', 'gauge', [
            '' => max(0, $row?->int('waiting') ?? 0),
        ]);
    }
}

<?php

declare(strict_types=1);

namespace KindHeel\App\Backup;

use Doctrine\DBAL\Connection;
use KindHeel\App\Database\Row;
use KindHeel\App\Running\Measure;
use KindHeel\App\Running\Meter;

/** How old the last good backup is. */
final readonly class BackupMeter implements Meter
{
    public function __construct(private Connection $connection)
    {
    }

    public function measures(): iterable
    {
        $age = Row::first($this->connection, 'SELECT TIMESTAMPDIFF(SECOND, MAX(at), UTC_TIMESTAMP()) AS age FROM backup_made WHERE failure IS NULL')
            ?->intOrNull('age');
        yield new Measure('backup_age_seconds', 'Since the last good backup; nothing where there is none yet.', 'gauge', null === $age ? [] : ['' => $age]);
    }
}

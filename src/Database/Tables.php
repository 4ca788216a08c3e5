<?php

declare(strict_types=1);

namespace KindHeel\App\Database;

use Doctrine\DBAL\Connection;

/** All that a workshop has written. */
final class Tables
{
    /** Whose rows are made with their table, and what the migrations keep. */
    private const KEPT = ['timetable', 'usual_job', 'doctrine_migration_versions'];
    /** Their numbers are read by people and begin at 1 again. */
    private const NUMBERED = ['pot', 'piece', 'ticket', 'lot', 'product'];

    public static function empty(Connection $connection): void
    {
        $connection->executeStatement('SET FOREIGN_KEY_CHECKS = 0');
        try {
            foreach ($connection->fetchFirstColumn('SELECT table_name FROM information_schema.tables WHERE table_schema = DATABASE()') as $table) {
                if (\is_string($table) && !\in_array($table, self::KEPT, true)) {
                    $connection->executeStatement('DELETE FROM '.$table);
                }
            }
            $connection->executeStatement('UPDATE timetable SET asked = 1, solved = 0, blocks = \'[]\', ends = \'[]\', paces = \'[]\'');
        } finally {
            $connection->executeStatement('SET FOREIGN_KEY_CHECKS = 1');
        }
    }

    public static function numberAnew(Connection $connection): void
    {
        foreach (self::NUMBERED as $table) {
            $connection->executeStatement('ALTER TABLE '.$table.' AUTO_INCREMENT = 1');
        }
    }
}

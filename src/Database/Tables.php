<?php

declare(strict_types=1);

namespace KindHeel\App\Database;

use Doctrine\DBAL\Connection;

/** All that a workshop has written. */
final class Tables
{
    /** What points at something before what it points at. */
    private const ALL = [
        'pot_event', 'pot', 'dye_swatch', 'reading', 'swatch', 'product', 'agreement', 'picture', 'bench_shown', 'evidence', 'calendar_feed', 'air_fault', 'piece_move', 'other_day', 'workshop_setting', 'trial', 'ledger_entry', 'plan_step', 'finding', 'piece_part', 'piece',
        'ticket', 'air_reading', 'remembered_answer', 'sign_in_failure', 'sessions', 'person',
    ];
    /** Their numbers are read by people and begin at 1 again. */
    private const NUMBERED = ['pot', 'piece', 'ticket'];

    public static function empty(Connection $connection): void
    {
        foreach (self::ALL as $table) {
            $connection->executeStatement('DELETE FROM '.$table);
        }
        $connection->executeStatement('UPDATE ahead SET asked = 1, solved = 0, blocks = \'[]\', ends = \'[]\', paces = \'[]\'');
    }

    public static function numberAnew(Connection $connection): void
    {
        foreach (self::NUMBERED as $table) {
            $connection->executeStatement('ALTER TABLE '.$table.' AUTO_INCREMENT = 1');
        }
    }
}

<?php

declare(strict_types=1);

namespace KindHeel\App\Offer;

use Doctrine\DBAL\Connection;
use KindHeel\App\Database\Row;
use KindHeel\Core\Assessment\Aim;
use KindHeel\Core\Offer\Worth;

/** What an owner should hear before a day is promised: that the work costs nearly what another piece would (J-1). */
final readonly class SaidAloud
{
    public function __construct(private Connection $connection)
    {
    }

    /** @return list<string> of the pieces of a ticket, by the newest offer of each: the way that was taken, or else the one that is asked for */
    public function toBeSaidOf(int $ticket): array
    {
        $said = [];
        foreach (Row::all(
            $this->connection,
            'SELECT p.name, p.aim, o.chosen, o.ways FROM piece p JOIN offer o ON o.id = (SELECT MAX(i.id) FROM offer i WHERE i.piece_id = p.id)
                WHERE p.ticket_id = ? AND p.finished_at IS NULL AND o.left_alone = 0 ORDER BY p.id',
            [$ticket],
        ) as $row) {
            $aim = ($row->enumOrNull('chosen', Aim::class) ?? $row->enum('aim', Aim::class))->value;
            foreach ($row->objects('ways') as $way) {
                if ($aim === ($way['aim'] ?? null) && Worth::SayOutLoud->value === ($way['advice'] ?? null) && \is_string($way['adviceSays'] ?? null)) {
                    $said[] = \sprintf('%s: %s', $row->text('name'), $way['adviceSays']);
                }
            }
        }

        return $said;
    }
}

<?php

declare(strict_types=1);

namespace KindHeel\App\Job;

/** What stands on the label that hangs on a piece: the ticket, and which of its pieces. */
final class Tag
{
    /** SQL for the place of a piece on its ticket, where the piece is `p`. */
    public const PLACE = '(SELECT COUNT(*) FROM piece q WHERE q.ticket_id = p.ticket_id AND q.id <= p.id)';

    public static function of(int $ticket, int $place): string
    {
        return \sprintf('%d-%d', $ticket, $place);
    }
}

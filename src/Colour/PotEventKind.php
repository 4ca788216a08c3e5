<?php

declare(strict_types=1);

namespace KindHeel\App\Colour;

/** What happens to a pot. */
enum PotEventKind: string
{
    case Opened = 'opened';
    case Chosen = 'chosen';
    case Dropped = 'dropped';
    case Dabbed = 'dabbed';
    case Laid = 'laid';
    case Kept = 'kept';
}

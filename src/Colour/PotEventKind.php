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
    /** into another pot, or out of another into this one */
    case Poured = 'poured';
    /** its jar, its amount or its name is another; it is open again, or thrown away */
    case Changed = 'changed';
}

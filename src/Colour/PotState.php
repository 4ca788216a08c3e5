<?php

declare(strict_types=1);

namespace KindHeel\App\Colour;

/** How far a pot is. */
enum PotState: string
{
    case Mixing = 'mixing';
    case Kept = 'kept';
    case Empty = 'empty';
}

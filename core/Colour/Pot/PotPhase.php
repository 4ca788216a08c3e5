<?php

declare(strict_types=1);

namespace KindHeel\Core\Colour\Pot;

/** What a pot wants next. */
enum PotPhase: string
{
    case Recipe = 'recipe';
    case Drops = 'drops';
    case Dab = 'dab';
    case Correct = 'correct';
    case Lay = 'lay';
    case Closed = 'closed';
}

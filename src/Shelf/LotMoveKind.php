<?php

declare(strict_types=1);

namespace KindHeel\App\Shelf;

/** Why the amount in a pack has changed. */
enum LotMoveKind: string
{
    case Bought = 'bought';
    case Step = 'step';
    case Pot = 'pot';
    /** taken by hand, for what no plan knows */
    case Taken = 'taken';
    /** weighed, or looked at */
    case Settled = 'settled';
    case Thrown = 'thrown';
}

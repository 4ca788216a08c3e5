<?php

declare(strict_types=1);

namespace KindHeel\Core\Colour\Pot;

/** What a dab that was read leads to. */
enum Advice: string
{
    /** It matches. */
    case Lay = 'lay';
    /** Drops bring it there. */
    case Add = 'add';
    /** It cannot be brought there, and a clean pot comes nearer. */
    case StartAgain = 'start-again';
    /** It cannot be brought there, and a clean pot is not worth its paint. */
    case AsNearAsItComes = 'as-near-as-it-comes';
}

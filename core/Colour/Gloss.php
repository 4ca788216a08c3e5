<?php

declare(strict_types=1);

namespace KindHeel\Core\Colour;

/** How much it should shine when it is done. */
enum Gloss: string
{
    case Matt = 'matt';
    case Satin = 'satin';
    case Glow = 'glow';
    case Mirror = 'mirror';
}

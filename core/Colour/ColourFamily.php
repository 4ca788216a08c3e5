<?php

declare(strict_types=1);

namespace KindHeel\Core\Colour;

/** One polishing brush each: colours of one family may share a brush. */
enum ColourFamily: string
{
    case Neutral = 'neutral';
    case Light = 'light';
    case Brown = 'brown';
    case Red = 'red';
    case Dark = 'dark';
}

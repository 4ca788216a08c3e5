<?php

declare(strict_types=1);

namespace KindHeel\App\Colour;

/** Where on a part a colour was taken. */
enum ReadSpot: string
{
    /** clean, dry, conditioned and not faded: under a flap, inside a cuff */
    case Sound = 'sound';
    /** the place that is to be mended */
    case Damage = 'damage';

    public function label(): string
    {
        return self::Sound === $this ? 'a sound place' : 'the place to mend';
    }
}

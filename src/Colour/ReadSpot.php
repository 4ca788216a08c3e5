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
    /** no place yet: the colour that it is to have */
    case Wanted = 'wanted';
    /** a place that a product has darkened, on its way back */
    case Settling = 'settling';

    public function label(): string
    {
        return match ($this) {
            self::Sound => 'a sound place',
            self::Damage => 'the place to mend',
            self::Wanted => 'the wanted colour',
            self::Settling => 'the treated place',
        };
    }
}

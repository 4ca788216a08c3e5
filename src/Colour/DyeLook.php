<?php

declare(strict_types=1);

namespace KindHeel\App\Colour;

use KindHeel\Core\Colour\DyeLadder;
use KindHeel\Core\Colour\DyeWash;
use KindHeel\Core\Colour\Spectrum;
use KindHeel\Core\Colour\WetLook;

/** The moment at which a dyed place is looked at. */
enum DyeLook: string
{
    case Dry = 'dry';
    case Wet = 'wet';
    /** Under the finish that is agreed on: as it is compared. */
    case Finished = 'finished';

    public function of(DyeLadder $ladder, DyeWash ...$washes): Spectrum
    {
        return match ($this) {
            self::Dry => $ladder->look(...$washes),
            self::Wet => WetLook::of($ladder->look(...$washes)),
            self::Finished => $ladder->finished(...$washes),
        };
    }
}

<?php

declare(strict_types=1);

namespace KindHeel\App\Colour;

use KindHeel\Core\Colour\Gloss;
use KindHeel\Core\Colour\Sheen;
use KindHeel\Core\Colour\Spectrum;
use KindHeel\Core\Colour\WetLook;

/** The moment at which a dyed place is looked at. */
enum DyeLook: string
{
    case Dry = 'dry';
    case Wet = 'wet';
    case Satin = 'satin';
    case Mirror = 'mirror';

    /** Bare leather is matt; a resin or wax over it is not. */
    public function of(Spectrum $dry): Spectrum
    {
        return match ($this) {
            self::Dry => $dry,
            self::Wet => WetLook::of($dry),
            self::Satin => Sheen::moved($dry, Gloss::Matt, Gloss::Satin),
            self::Mirror => Sheen::moved($dry, Gloss::Matt, Gloss::Mirror),
        };
    }
}

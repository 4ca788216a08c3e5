<?php

declare(strict_types=1);

namespace KindHeel\App\Air;

/** Where a reading of the air came from. */
enum AirSource: string
{
    case Instrument = 'instrument';
    case Simulated = 'simulated';
    case Typed = 'typed';
}

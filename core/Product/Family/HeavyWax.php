<?php

declare(strict_types=1);

namespace KindHeel\Core\Product\Family;

use KindHeel\Core\Drying\Driver;
use KindHeel\Core\Drying\DryingProfile;
use KindHeel\Core\Product\Effect;
use KindHeel\Core\Product\Family;
use KindHeel\Core\Product\Hazard;
use KindHeel\Core\Product\Instruction;
use KindHeel\Core\Product\Laying;
use KindHeel\Core\Product\Phase;
use KindHeel\Core\Product\Surface;
use KindHeel\Core\Product\Unit;
use KindHeel\Core\Text\Message;

/** Thick wax that closes leather for wet work. */
final class HeavyWax extends Family
{
    public function __construct()
    {
        parent::__construct(
            label: Message::of('heavy wax'),
            phase: Phase::Protect,
            drying: DryingProfile::by(Driver::Absorb, Driver::Absorb, touch: 240.0, recoatFrom: 720.0, next: 720.0, full: 1440.0),
            usePerM2: 60.0,
            unit: Unit::Gram,
            effects: [Effect::LaysFat, Effect::AsksForTrial],
            hazards: [Hazard::OilyRags],
            leaves: [Surface::Wax],
            takesOff: [],
            leftOut: Message::of('Not for wet weather until it is protected.'),
            openedMonths: 24,
        );
    }

    public function instruction(Laying $how): Instruction
    {
        return new Instruction(
            Message::of('Close with heavy wax'),
            Message::of('A little, warmed in the hand, welt and seams first, then thin over the rest; rub off what has not gone in.'),
            Message::of('Sunk in: a finger does not slide.'),
            2.0,
            0.6,
        );
    }
}

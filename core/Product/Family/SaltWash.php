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
use KindHeel\Core\Product\Unit;
use KindHeel\Core\Quantity\Dilution;
use KindHeel\Core\Text\Message;

/** A weak acid in water that takes up salt. */
final class SaltWash extends Family
{
    public function __construct()
    {
        parent::__construct(
            label: Message::of('salt wash'),
            phase: Phase::Clean,
            drying: DryingProfile::by(Driver::Water, Driver::Water, touch: 30.0, next: 120.0, full: 720.0),
            usePerM2: 50.0,
            unit: Unit::Millilitre,
            effects: [Effect::Wets],
            hazards: [Hazard::Acid],
            leaves: [],
            takesOff: [],
            leftOut: Message::of('Dirt that a damp cloth does not lift stays.'),
            dilution: new Dilution(1, 1),
        );
    }

    public function instruction(Laying $how): Instruction
    {
        return new Instruction(
            Message::of('Wash the salt out'),
            Message::of('A sponge barely wet, the whole part from seam to seam, twice from edge to middle; press dry with a cloth.'),
            Message::of('Dry, and no white line comes back.'),
            2.0,
            0.6,
        );
    }
}

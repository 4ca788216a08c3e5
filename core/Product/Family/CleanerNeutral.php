<?php

declare(strict_types=1);

namespace KindHeel\Core\Product\Family;

use KindHeel\Core\Drying\Driver;
use KindHeel\Core\Drying\DryingProfile;
use KindHeel\Core\Product\Effect;
use KindHeel\Core\Product\Family;
use KindHeel\Core\Product\Instruction;
use KindHeel\Core\Product\Laying;
use KindHeel\Core\Product\Phase;
use KindHeel\Core\Product\Unit;
use KindHeel\Core\Quantity\Dilution;
use KindHeel\Core\Text\Message;

/** Surfactant in water, neutral: for grain and film. */
final class CleanerNeutral extends Family
{
    public function __construct()
    {
        parent::__construct(
            label: Message::of('neutral cleaner'),
            phase: Phase::Clean,
            drying: DryingProfile::by(Driver::Water, Driver::Water, touch: 15.0, next: 45.0, full: 120.0),
            usePerM2: 90.0,
            unit: Unit::Millilitre,
            effects: [Effect::Wets],
            hazards: [],
            leaves: [],
            takesOff: [],
            leftOut: Message::of('Dirt that a damp cloth does not lift stays.'),
            dilution: new Dilution(1, 4),
        );
    }

    public function instruction(Laying $how): Instruction
    {
        return new Instruction(
            Message::of('Clean with neutral cleaner'),
            Message::of(
                'On the cloth, never on the leather, away from holes and vents; soft brush in small circles, taken up with a dry cloth before it dries.',
            ),
            Message::of('No cool feel, and a white cloth stays clean.'),
            2.0,
            1.4,
        );
    }
}

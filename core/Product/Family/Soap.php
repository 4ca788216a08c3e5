<?php

declare(strict_types=1);

namespace KindHeel\Core\Product\Family;

use KindHeel\Core\Drying\Bell;
use KindHeel\Core\Drying\Driver;
use KindHeel\Core\Drying\DryingProfile;
use KindHeel\Core\Product\Effect;
use KindHeel\Core\Product\Family;
use KindHeel\Core\Product\Instruction;
use KindHeel\Core\Product\Laying;
use KindHeel\Core\Product\Phase;
use KindHeel\Core\Product\Unit;
use KindHeel\Core\Text\Message;

/** Soap worked to a stiff lather. */
final class Soap extends Family
{
    public function __construct()
    {
        parent::__construct(
            label: Message::of('saddle soap'),
            phase: Phase::Clean,
            drying: DryingProfile::by(Driver::Water, Driver::Water, touch: 120.0, next: 960.0, full: 1440.0, thicknessExponent: 2.0),
            usePerM2: 30.0,
            unit: Unit::Gram,
            effects: [Effect::Wets],
            hazards: [],
            leaves: [],
            takesOff: [],
            leftOut: Message::of('Dirt that a damp cloth does not lift stays.'),
            openedMonths: 24,
            bell: new Bell(240, Message::of('Turn it over, so that the other side dries as well.'), 2),
        );
    }

    public function instruction(Laying $how): Instruction
    {
        return new Instruction(
            Message::of('Wash with saddle soap'),
            Message::of(
                'A damp brush worked to a stiff lather, small circles, the lather lifted off with a damp cloth until none is left. Damp, never soaked; ',
            )
                .Message::of('all of it or none.'),
            Message::of('Dry through: no cool feel at the thickest place.'),
            3.0,
            1.0,
        );
    }
}

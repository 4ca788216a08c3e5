<?php

declare(strict_types=1);

namespace KindHeel\Core\Product\Family;

use KindHeel\Core\Drying\Bell;
use KindHeel\Core\Drying\Driver;
use KindHeel\Core\Drying\DryingProfile;
use KindHeel\Core\Product\Applicator;
use KindHeel\Core\Product\Effect;
use KindHeel\Core\Product\Family;
use KindHeel\Core\Product\Instruction;
use KindHeel\Core\Product\Laying;
use KindHeel\Core\Product\Phase;
use KindHeel\Core\Product\Station;
use KindHeel\Core\Product\Unit;
use KindHeel\Core\Text\Message;

/** The whole piece in cold water, in a bag. */
final class Wash extends Family
{
    public function __construct()
    {
        parent::__construct(
            label: Message::of('cold wash'),
            phase: Phase::Clean,
            drying: DryingProfile::by(Driver::Water, Driver::Water, touch: 600.0, next: 960.0, full: 1440.0, thicknessExponent: 2.0),
            usePerM2: 0.0,
            unit: Unit::Millilitre,
            effects: [Effect::Wets],
            hazards: [],
            leaves: [],
            takesOff: [],
            leftOut: Message::of('It is left for another time.'),
            bell: new Bell(240, Message::of('Turn it over and pull it into shape again; fresh paper inside.'), 2),
        );
    }

    public function instruction(Laying $how): Instruction
    {
        return new Instruction(
            Message::of('Wash cold, in a bag'),
            Message::of(
                'Laces and insoles out, closed bag, cold, gentle, little spin. Pull into shape and dry in moving air. Never a tumble dryer, never on heat.',
            ),
            Message::of('Dry through, no cool feel inside.'),
            10.0,
        );
    }

    public function station(Applicator $by): Station
    {
        return Station::Sink;
    }
}

<?php

declare(strict_types=1);

namespace KindHeel\Core\Product\Family;

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

/** Foam that works before it is wiped: for film, rubber and cloth. */
final class FoamCleaner extends Family
{
    public function __construct()
    {
        parent::__construct(
            label: Message::of('foam cleaner'),
            phase: Phase::Clean,
            drying: DryingProfile::by(Driver::Water, Driver::Water, touch: 10.0, next: 30.0, full: 120.0),
            usePerM2: 100.0,
            unit: Unit::Millilitre,
            effects: [Effect::Wets],
            hazards: [],
            leaves: [],
            takesOff: [],
            leftOut: Message::of('Dirt that a damp cloth does not lift stays.'),
        );
    }

    public function instruction(Laying $how): Instruction
    {
        if (Applicator::None === $how->by) {
            return new Instruction(
                Message::of('Wash the laces'),
                Message::of('In cool water with a little foam, squeezed through and never wrung, rinsed until it runs clear; laid out straight to dry.'),
                Message::of('Dry to the hand, knots and tips as well.'),
                2.0,
                0.0,
            );
        }

        return new Instruction(
            Message::of('Clean with foam'),
            Message::of('Foam on the brush, not on the piece; a few minutes to work, then brushed off and wiped. At most twice.'),
            Message::of('No cool feel, and a white cloth stays clean.'),
            2.0,
            0.8,
        );
    }

    public function station(Applicator $by): Station
    {
        return Applicator::None === $by ? Station::Sink : parent::station($by);
    }
}

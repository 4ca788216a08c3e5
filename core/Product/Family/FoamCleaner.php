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

/** Foam that works before it is wiped: for film, rubber and cloth. */
final class FoamCleaner extends Family
{
    public function __construct()
    {
        parent::__construct(
            label: 'foam cleaner',
            phase: Phase::Clean,
            drying: DryingProfile::by(Driver::Water, Driver::Water, touch: 10.0, next: 30.0, full: 120.0),
            usePerM2: 100.0,
            unit: Unit::Millilitre,
            effects: [Effect::Wets],
            hazards: [],
            leaves: [],
            takesOff: [],
            leftOut: 'Dirt that a damp cloth does not lift stays.',
        );
    }

    public function instruction(Laying $how): Instruction
    {
        if (Applicator::None === $how->by) {
            return new Instruction(
                'Wash the laces',
                'In cool water with a little foam, squeezed through and never wrung, rinsed until it runs clear; laid out straight to dry.',
                'Dry to the hand, knots and tips as well.',
                2.0,
                0.0,
            );
        }

        return new Instruction(
            'Clean with foam',
            'Foam on the brush, not on the piece; a few minutes to work, then brushed off and wiped. At most twice.',
            'No cool feel, and a white cloth stays clean.',
            2.0,
            0.8,
        );
    }

    public function station(Applicator $by): Station
    {
        return Applicator::None === $by ? Station::Sink : parent::station($by);
    }
}

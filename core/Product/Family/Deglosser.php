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

/** Acetone and its like: takes a finish down where it is laid anew. */
final class Deglosser extends Family
{
    public function __construct()
    {
        parent::__construct(
            label: 'deglosser',
            phase: Phase::Strip,
            drying: DryingProfile::by(Driver::Acetone, Driver::Acetone, touch: 2.0, next: 15.0, full: 60.0),
            usePerM2: 45.0,
            unit: Unit::Millilitre,
            effects: [Effect::Degreases, Effect::TakesFinishDown, Effect::AsksForTrial],
            hazards: [Hazard::Solvent, Hazard::Flammable],
            leaves: [Surface::Stripped],
            takesOff: [Surface::Fat, Surface::Wax],
            leftOut: Message::of('It is left for another time.'),
            openedMonths: 24,
        );
    }

    public function instruction(Laying $how): Instruction
    {
        return $how->isSpot() ? new Instruction(
            Message::of('Take the spot off with deglosser'),
            Message::of('A bud, turned at every touch and changed before it is dipped again; from the rim to the middle, no further than the spot.'),
            Message::of('Dull, no smell.'),
            2.0,
            2.0,
        ) : new Instruction(
            Message::of('Take the finish down'),
            Message::of('A pad barely wet, a hand’s breadth at a time, turned at every touch and changed often. Only as far as it is laid anew.'),
            Message::of('Dull and even, no smell.'),
            3.0,
            5.8,
        );
    }
}

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

/** Colour and film for cut edges. */
final class EdgeDressing extends Family
{
    public function __construct()
    {
        parent::__construct(
            label: Message::of('edge dressing'),
            phase: Phase::Edges,
            drying: DryingProfile::by(Driver::Alcohol, Driver::Alcohol, touch: 12.0, recoatFrom: 20.0, next: 60.0, full: 720.0, film: true, maxRh: 0.85),
            usePerM2: 40.0,
            unit: Unit::Millilitre,
            effects: [Effect::Colours, Effect::NeedsCleanGround, Effect::Runs],
            hazards: [Hazard::Solvent, Hazard::Flammable],
            leaves: [Surface::Dressed],
            takesOff: [],
            leftOut: Message::of('The edge stays worn.'),
            openedMonths: 12,
        );
    }

    public function instruction(Laying $how): Instruction
    {
        return new Instruction(
            Message::of('Dress the edge, %s%s', $how->named('neutral'), $how->coatOf()),
            Message::of('Small dauber, most of it taken off again on a rag. Along the edge in one go, never onto the upper.'),
            Message::of('No tack on the back of a gloved finger, and a nail leaves no mark.'),
            2.0,
            2.0,
        );
    }
}

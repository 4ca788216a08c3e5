<?php

declare(strict_types=1);

namespace KindHeel\Core\Product\Family;

use KindHeel\Core\Drying\Driver;
use KindHeel\Core\Drying\DryingProfile;
use KindHeel\Core\Product\Applicator;
use KindHeel\Core\Product\Effect;
use KindHeel\Core\Product\Family;
use KindHeel\Core\Product\Hazard;
use KindHeel\Core\Product\Instruction;
use KindHeel\Core\Product\Laying;
use KindHeel\Core\Product\Phase;
use KindHeel\Core\Product\Surface;
use KindHeel\Core\Product\Unit;
use KindHeel\Core\Text\Message;

/** Petroleum spirit: takes wax, old polish, tar and glue. */
final class SolventMild extends Family
{
    public function __construct()
    {
        parent::__construct(
            label: Message::of('mild solvent'),
            phase: Phase::Clean,
            drying: DryingProfile::by(Driver::Naphtha, Driver::Naphtha, touch: 5.0, next: 15.0, full: 60.0),
            usePerM2: 40.0,
            unit: Unit::Millilitre,
            effects: [Effect::Degreases, Effect::AsksForTrial],
            hazards: [Hazard::Solvent, Hazard::Flammable],
            leaves: [Surface::Stripped],
            takesOff: [Surface::Fat, Surface::Wax],
            leftOut: Message::of('It is left for another time.'),
            openedMonths: 24,
        );
    }

    public function instruction(Laying $how): Instruction
    {
        return new Instruction(
            Applicator::Bud === $how->by ? Message::of('Lift the mark with mild solvent') : Message::of('Take wax and old polish off'),
            Message::of('On a cloth, never poured; turn it at every touch and stop when it brings colour.'),
            Message::of('No smell, and the grain is dull and even.'),
            2.0,
            0.8,
        );
    }
}

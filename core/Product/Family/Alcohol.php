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

/** Isopropyl alcohol: the last wipe before a film, and for ink on a bud. */
final class Alcohol extends Family
{
    public function __construct()
    {
        parent::__construct(
            label: 'alcohol',
            phase: Phase::Degrease,
            drying: DryingProfile::by(Driver::Alcohol, Driver::Alcohol, touch: 2.0, next: 8.0, full: 30.0),
            usePerM2: 40.0,
            unit: Unit::Millilitre,
            effects: [Effect::Degreases, Effect::AsksForTrial],
            hazards: [Hazard::Solvent, Hazard::Flammable],
            leaves: [],
            takesOff: [Surface::Fat, Surface::Wax],
            leftOut: Message::of('It is left for another time.'),
            openedMonths: 24,
        );
    }

    public function instruction(Laying $how): Instruction
    {
        if (Applicator::Bud === $how->by && Phase::Degrease === $how->phase) {
            return new Instruction(
                Message::of('Degrease the spot with alcohol'),
                Message::of('A bud barely wet, over the mark and no further; no bare fingers on it afterwards.'),
                Message::of('No smell and no cool feel.'),
                1.0,
                2.0,
            );
        }

        return Applicator::Bud === $how->by
            ? new Instruction(
                Message::of('Lift the mark with alcohol'),
                Message::of('A bud, turned at every touch and changed before it is dipped again; from the rim to the middle. Stop when it brings colour.'),
                Message::of('No smell, no pale ring.'),
                2.0,
                2.0,
            )
            : new Instruction(
                Message::of('Degrease with alcohol'),
                Message::of('On a cloth, never poured; one pass, turn to a fresh side. No bare fingers on it afterwards.'),
                Message::of('No smell and no cool feel.'),
                1.0,
                1.4,
            );
    }
}

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

/** Acrylic paste for what is missing, in layers of half a millimetre. */
final class Filler extends Family
{
    public function __construct()
    {
        parent::__construct(
            label: 'filler',
            phase: Phase::Fill,
            drying: DryingProfile::by(
                Driver::Water,
                Driver::Cure,
                touch: 20.0,
                recoatFrom: 45.0,
                recoatUntil: 1440.0,
                next: 180.0,
                full: 1440.0,
                thicknessExponent: 2.0,
                film: true,
                minTempC: 10.0,
            ),
            usePerM2: 0.0,
            unit: Unit::Millilitre,
            effects: [Effect::NeedsCleanGround, Effect::TakesWarmAir, Effect::LeavesNoEdge, Effect::Fills],
            hazards: [Hazard::Dust],
            leaves: [Surface::Unsanded],
            takesOff: [],
            leftOut: Message::of('It is left for another time.'),
            openedMonths: 12,
        );
    }

    public function instruction(Laying $how): Instruction
    {
        return new Instruction(
            Message::of('Fill').$how->coatOf(),
            Message::of('The thinnest layer, pressed in with the knife and drawn off level; half a millimetre at the most. Feather its rim.').$how->warmAir(),
            Message::of('Hard to a nail, and it sands to dust.'),
            3.0,
            2.0,
        );
    }

    /** Its dust comes when it is sanded. */
    public function hazardsBy(Applicator $by): array
    {
        return [];
    }
}

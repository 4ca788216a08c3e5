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
use KindHeel\Core\Product\Unit;
use KindHeel\Core\Text\Message;

/** What paint needs on what is not leather. */
final class Primer extends Family
{
    public function __construct()
    {
        parent::__construct(
            label: Message::of('adhesion primer'),
            phase: Phase::Base,
            drying: DryingProfile::by(
                Driver::Water,
                Driver::Cure,
                touch: 15.0,
                recoatFrom: 30.0,
                recoatUntil: 720.0,
                next: 30.0,
                full: 1440.0,
                film: true,
                minTempC: 10.0,
                sprayed: true,
            ),
            usePerM2: 50.0,
            unit: Unit::Millilitre,
            effects: [Effect::BuildsFilm, Effect::NeedsCleanGround, Effect::TakesWarmAir],
            hazards: [Hazard::Spray],
            leaves: [],
            takesOff: [],
            leftOut: Message::of('It is left for another time.'),
        );
    }

    public function instruction(Laying $how): Instruction
    {
        return new Instruction(
            Message::of('Prime'),
            Message::of('One thin, even coat, to the seam and not beyond.').$how->warmAir(),
            Message::of('No tack on the back of a gloved finger.'),
            2.0,
            1.6,
        );
    }
}

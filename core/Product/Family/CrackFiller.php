<?php

declare(strict_types=1);

namespace KindHeel\Core\Product\Family;

use KindHeel\Core\Drying\Driver;
use KindHeel\Core\Drying\DryingProfile;
use KindHeel\Core\Product\Effect;
use KindHeel\Core\Product\Family;
use KindHeel\Core\Product\Instruction;
use KindHeel\Core\Product\Laying;
use KindHeel\Core\Product\Phase;
use KindHeel\Core\Product\Unit;
use KindHeel\Core\Text\Message;

/** A binder that is worked into a crack from within. */
final class CrackFiller extends Family
{
    public function __construct()
    {
        parent::__construct(
            label: Message::of('crack filler'),
            phase: Phase::Fill,
            drying: DryingProfile::by(
                Driver::Water,
                Driver::Cure,
                touch: 30.0,
                recoatFrom: 60.0,
                recoatUntil: 1440.0,
                next: 240.0,
                full: 1440.0,
                film: true,
                minTempC: 10.0,
            ),
            usePerM2: 40.0,
            unit: Unit::Millilitre,
            effects: [Effect::NeedsCleanGround, Effect::TakesWarmAir, Effect::Fills],
            hazards: [],
            leaves: [],
            takesOff: [],
            leftOut: Message::of('It is left for another time.'),
            openedMonths: 12,
        );
    }

    public function instruction(Laying $how): Instruction
    {
        return new Instruction(
            Message::of('Bind the crack'),
            Message::of('Fold it gently open, work the binder in with a fine brush, wipe the grain clean, lay it flat.').$how->warmAir(),
            Message::of('Clear, and no tack.'),
            4.0,
            2.0,
        );
    }
}

<?php

declare(strict_types=1);

namespace KindHeel\Core\Product\Family;

use KindHeel\Core\Drying\Bell;
use KindHeel\Core\Drying\Driver;
use KindHeel\Core\Drying\DryingProfile;
use KindHeel\Core\Drying\Stage;
use KindHeel\Core\Product\Effect;
use KindHeel\Core\Product\Family;
use KindHeel\Core\Product\Hazard;
use KindHeel\Core\Product\Instruction;
use KindHeel\Core\Product\Laying;
use KindHeel\Core\Product\Phase;
use KindHeel\Core\Product\Unit;
use KindHeel\Core\Text\Message;

/** Contact cement on both faces, joined in its open time. */
final class Cement extends Family
{
    public function __construct()
    {
        parent::__construct(
            label: 'cement',
            phase: Phase::Repair,
            drying: DryingProfile::by(Driver::Naphtha, Driver::Cure, touch: 12.0, next: 30.0, full: 1440.0, film: true),
            usePerM2: 200.0,
            unit: Unit::Gram,
            effects: [Effect::NeedsCleanGround, Effect::TakesWarmAir, Effect::LeavesNoEdge, Effect::Bonds],
            hazards: [Hazard::Solvent, Hazard::Flammable],
            leaves: [],
            takesOff: [],
            leftOut: Message::of('What is parting stays open; not to be walked far.'),
            openedMonths: 12,
            bell: new Bell(60, Message::of('Look at the clamps: press together again what has crept open.'), 1, Stage::Full),
        );
    }

    public function instruction(Laying $how): Instruction
    {
        return new Instruction(
            Message::of('Coat both faces with cement'),
            Message::of('Thin and even to the rim, on both faces; leave them apart.'),
            Message::of('Dry to the knuckle: it no longer sticks.'),
            4.0,
            1.0,
        );
    }
}

<?php

declare(strict_types=1);

namespace KindHeel\Core\Product\Family;

use KindHeel\Core\Drying\DryingProfile;
use KindHeel\Core\Product\Effect;
use KindHeel\Core\Product\Family;
use KindHeel\Core\Product\Instruction;
use KindHeel\Core\Product\Laying;
use KindHeel\Core\Product\Phase;
use KindHeel\Core\Product\Unit;
use KindHeel\Core\Text\Message;

/** A dry brush: a tool, laid like a product where a plan names one. */
final class Brush extends Family
{
    public function __construct()
    {
        parent::__construct(
            label: Message::of('dry brush'),
            phase: Phase::Clean,
            drying: DryingProfile::plain(touch: 0.0, next: 0.0, full: 0.0),
            usePerM2: 0.0,
            unit: Unit::Millilitre,
            effects: [Effect::LaysNothing, Effect::LeavesGround],
            hazards: [],
            leaves: [],
            takesOff: [],
            leftOut: Message::of('It is left for another time.'),
        );
    }

    public function instruction(Laying $how): Instruction
    {
        return new Instruction(Message::of('Brush'), Message::of('Dry, from the top down.'), null, 1.0, 0.2);
    }
}

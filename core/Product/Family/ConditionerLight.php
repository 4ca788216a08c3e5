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

/** The lightest food, for scales. */
final class ConditionerLight extends Family
{
    public function __construct()
    {
        parent::__construct(
            label: Message::of('light conditioner'),
            phase: Phase::Condition,
            drying: DryingProfile::by(Driver::Water, Driver::Absorb, touch: 90.0, recoatFrom: 240.0, next: 240.0, full: 1440.0),
            usePerM2: 20.0,
            unit: Unit::Gram,
            effects: [Effect::LaysFat],
            hazards: [],
            leaves: [],
            takesOff: [],
            leftOut: Message::of('It stays thirsty: feed it within the month.'),
        );
    }

    public function instruction(Laying $how): Instruction
    {
        return new Instruction(
            Message::of('Feed with light conditioner').$how->coatOf(),
            Message::of('Very little, on two fingers, thin and even; wiped after a minute.').$how->alongScales(),
            Message::of('The colour has come back, no tack.'),
            1.0,
            0.5,
        );
    }
}

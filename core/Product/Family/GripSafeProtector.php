<?php

declare(strict_types=1);

namespace KindHeel\Core\Product\Family;

use KindHeel\Core\Drying\Driver;
use KindHeel\Core\Drying\DryingProfile;
use KindHeel\Core\Product\Family;
use KindHeel\Core\Product\Instruction;
use KindHeel\Core\Product\Laying;
use KindHeel\Core\Product\Phase;
use KindHeel\Core\Product\Unit;
use KindHeel\Core\Text\Message;

/** Protection that leaves the grip rough. */
final class GripSafeProtector extends Family
{
    public function __construct()
    {
        parent::__construct(
            label: Message::of('grip-safe protector'),
            phase: Phase::Protect,
            drying: DryingProfile::by(Driver::Water, Driver::Water, touch: 20.0, next: 60.0, full: 720.0),
            usePerM2: 30.0,
            unit: Unit::Millilitre,
            effects: [],
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
            Message::of('Lay grip-safe protector'),
            Message::of('On the pad, the pad worked empty, then thinly over the part and over the holes last. It must feel as dry as before.'),
            Message::of('Dry, and a thumb does not slide.'),
            1.0,
            2.9,
        );
    }
}

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

/** More foam than water, for nap. */
final class SuedeCleaner extends Family
{
    public function __construct()
    {
        parent::__construct(
            label: Message::of('suede cleaner'),
            phase: Phase::Clean,
            drying: DryingProfile::by(Driver::Water, Driver::Water, touch: 180.0, next: 240.0, full: 720.0),
            usePerM2: 100.0,
            unit: Unit::Millilitre,
            effects: [Effect::Wets],
            hazards: [],
            leaves: [],
            takesOff: [],
            leftOut: Message::of('Dirt that a damp cloth does not lift stays.'),
            openedMonths: 12,
        );
    }

    public function instruction(Laying $how): Instruction
    {
        return new Instruction(
            Message::of('Clean the nap with suede cleaner'),
            Message::of('The whole part, sponge in one direction, foam more than water; lift it off with a clean cloth and let it dry away from heat.'),
            Message::of('Dry: the nap stands when a finger strokes it.'),
            2.0,
            1.0,
        );
    }
}

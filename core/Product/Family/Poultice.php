<?php

declare(strict_types=1);

namespace KindHeel\Core\Product\Family;

use KindHeel\Core\Drying\Driver;
use KindHeel\Core\Drying\DryingProfile;
use KindHeel\Core\Product\Family;
use KindHeel\Core\Product\Hazard;
use KindHeel\Core\Product\Instruction;
use KindHeel\Core\Product\Laying;
use KindHeel\Core\Product\Phase;
use KindHeel\Core\Product\Surface;
use KindHeel\Core\Product\Unit;
use KindHeel\Core\Text\Message;

/** Powder that draws grease out of open leather. */
final class Poultice extends Family
{
    public function __construct()
    {
        parent::__construct(
            label: 'poultice',
            phase: Phase::Clean,
            drying: DryingProfile::by(Driver::Absorb, Driver::Absorb, touch: 480.0, next: 480.0, full: 480.0),
            usePerM2: 100.0,
            unit: Unit::Gram,
            effects: [],
            hazards: [Hazard::Dust],
            leaves: [Surface::LooseDirt],
            takesOff: [],
            leftOut: Message::of('Dirt that a damp cloth does not lift stays.'),
            openedMonths: 24,
        );
    }

    public function instruction(Laying $how): Instruction
    {
        return new Instruction(
            Message::of('Lay a poultice'),
            Message::of('A few millimetres of powder pressed on and left alone; brushed off when it has drunk. Again while it still draws.'),
            Message::of('The powder comes off dry and dark.'),
            3.0,
            0.3,
        );
    }
}

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
use KindHeel\Core\Product\Remark;
use KindHeel\Core\Product\Surface;
use KindHeel\Core\Product\Unit;
use KindHeel\Core\Text\Message;

/** A sponge of silicone-free shine for the hour. */
final class Shine extends Family
{
    public function __construct()
    {
        parent::__construct(
            label: Message::of('quick shine'),
            phase: Phase::Polish,
            drying: DryingProfile::by(Driver::Naphtha, Driver::Naphtha, touch: 3.0, next: 10.0, full: 60.0),
            usePerM2: 10.0,
            unit: Unit::Gram,
            effects: [Effect::LaysFat],
            hazards: [],
            leaves: [Surface::Wax],
            takesOff: [],
            leftOut: Message::of('It is left for another time.'),
            ownerHears: new Remark('C-14', Message::of('The quick shine rubs off on light cloth and upholstery.')),
            openedMonths: 12,
        );
    }

    public function instruction(Laying $how): Instruction
    {
        return new Instruction(Message::of('Wipe over with quick shine'), Message::of(
            'One light pass with the sponge; not in the creases.',
        ), Message::of('No smear on a white cloth.'), 1.0, 0.15);
    }
}

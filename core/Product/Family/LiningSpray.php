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
use KindHeel\Core\Product\Station;
use KindHeel\Core\Product\Unit;
use KindHeel\Core\Text\Message;

/** A mist against smell, inside. */
final class LiningSpray extends Family
{
    public function __construct()
    {
        parent::__construct(
            label: Message::of('lining spray'),
            phase: Phase::Clean,
            drying: DryingProfile::by(Driver::Alcohol, Driver::Alcohol, touch: 10.0, next: 60.0, full: 720.0),
            usePerM2: 60.0,
            unit: Unit::Millilitre,
            effects: [Effect::StaysInside],
            hazards: [Hazard::Solvent, Hazard::Flammable],
            leaves: [],
            takesOff: [],
            leftOut: Message::of('It is left for another time.'),
            openedMonths: 24,
        );
    }

    public function instruction(Laying $how): Instruction
    {
        if (!$how->by->sprays()) {
            return new Instruction(
                Message::of('Wipe with hygiene spray on a cloth'),
                Phase::DryClean === $how->phase
                    ? Message::of(
                        'Outdoors, mask and gloves on; the cloth damp with it, from the rim of the mould inward, turned at every stroke and thrown away.',
                    )
                    : Message::of('The cloth damp with it, the whole part once over; then aired, open and away from others, until the smell is gone.'),
                Message::of('Dry, and no smell of it.'),
                2.0,
                0.5,
            );
        }

        return new Instruction(Message::of('Spray the lining'), Message::of(
            'Air first. A light mist inside, not wet; leave it open.',
        ), Message::of('Dry, and no smell of it.'), 1.0, 0.05);
    }

    public function station(Applicator $by): Station
    {
        return Station::Bench;
    }
}

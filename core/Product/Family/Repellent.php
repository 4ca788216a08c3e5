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
use KindHeel\Core\Product\Remark;
use KindHeel\Core\Product\Station;
use KindHeel\Core\Product\Surface;
use KindHeel\Core\Product\Unit;
use KindHeel\Core\Text\Message;

/** Sheds water for a while; lies over polish. */
final class Repellent extends Family
{
    public function __construct()
    {
        parent::__construct(
            label: 'repellent',
            phase: Phase::Protect,
            drying: DryingProfile::by(
                Driver::Alcohol,
                Driver::Cure,
                touch: 25.0,
                recoatFrom: 180.0,
                recoatUntil: 1440.0,
                next: 720.0,
                full: 2160.0,
                film: true,
                maxRh: 0.85,
                sprayed: true,
            ),
            usePerM2: 80.0,
            unit: Unit::Millilitre,
            effects: [Effect::Runs],
            hazards: [Hazard::Spray, Hazard::Solvent, Hazard::Flammable],
            leaves: [Surface::Repellent],
            takesOff: [],
            leftOut: Message::of('Not for wet weather until it is protected.'),
            ownerHears: new Remark('O-25', Message::of('It sheds water for a while; renew it each season. Nothing that is leather keeps water out for good.')),
            cautions: ['H-10'],
            openedMonths: 24,
        );
    }

    public function instruction(Laying $how): Instruction
    {
        return Applicator::Pad === $how->by
            ? new Instruction(Message::of('Wipe repellent on'), Message::of(
                'On the pad, the pad worked empty, then over the holes; outdoors.',
            ), Message::of('Dry, no haze, no smell.'), 2.0, 0.4)
            : new Instruction(
                Message::of('Spray repellent'),
                Message::of('Outdoors. Thin and even, from 20–30 cm as the can says, nap in one direction; metal wiped straight after.'),
                Message::of('Dry, no haze, no smell.'),
                2.0,
                0.2,
            );
    }

    public function station(Applicator $by): Station
    {
        return Station::Booth;
    }
}

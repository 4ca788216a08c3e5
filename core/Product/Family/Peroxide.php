<?php

declare(strict_types=1);

namespace KindHeel\Core\Product\Family;

use KindHeel\Core\Drying\Bell;
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
use KindHeel\Core\Product\Unit;
use KindHeel\Core\Text\Message;

/** Bleaches yellowed rubber under light. */
final class Peroxide extends Family
{
    public function __construct()
    {
        parent::__construct(
            label: Message::of('oxidising cream'),
            phase: Phase::Clean,
            drying: DryingProfile::plain(touch: 0.0, next: 480.0, full: 480.0),
            usePerM2: 200.0,
            unit: Unit::Gram,
            effects: [Effect::AsksForTrial],
            hazards: [Hazard::Oxidiser],
            leaves: [],
            takesOff: [],
            leftOut: Message::of('It is left for another time.'),
            ownerHears: new Remark('H-7', Message::of('Whitened rubber yellows again with light.')),
            openedMonths: 6,
            bell: new Bell(120, Message::of('Look at it: turn it evenly to the light, wet it again under its film.')),
        );
    }

    public function instruction(Laying $how): Instruction
    {
        return new Instruction(
            Message::of('Whiten under light'),
            Message::of(
                'Gloves and eye protection. Thick and even with an old brush, wrapped in clear film so that it stays wet, under lamp or sun; turned and ',
            )
                .Message::of('looked at every two hours. Keep it off the sole’s tread.'),
            Message::of('Even, and no whiter than the rest.'),
            8.0,
            1.0,
        );
    }

    public function station(Applicator $by): Station
    {
        return Station::Lamp;
    }
}

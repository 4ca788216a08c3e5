<?php

declare(strict_types=1);

namespace KindHeel\Core\Product\Family;

use KindHeel\Core\Drying\Driver;
use KindHeel\Core\Drying\DryingProfile;
use KindHeel\Core\Product\Applicator;
use KindHeel\Core\Product\Effect;
use KindHeel\Core\Product\Family;
use KindHeel\Core\Product\Instruction;
use KindHeel\Core\Product\Laying;
use KindHeel\Core\Product\Phase;
use KindHeel\Core\Product\Unit;
use KindHeel\Core\Text\Message;

/** A light cream of fats and water that feeds. */
final class Conditioner extends Family
{
    public function __construct()
    {
        parent::__construct(
            label: 'conditioner',
            phase: Phase::Condition,
            drying: DryingProfile::by(Driver::Water, Driver::Absorb, touch: 12.0, recoatFrom: 60.0, next: 60.0, full: 720.0),
            usePerM2: 28.0,
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
            Message::of('Feed with conditioner').$how->coatOf(),
            Message::of('A coin of it ').($how->isFootwear ? Message::of('for a half, ') : Message::of('at a time, '))
                .(Applicator::Cloth === $how->by ? Message::of('on a soft cloth') : Message::of('warmed between the fingers'))
                .Message::of(', worked in thinly. Nothing is left lying on the surface.'),
            Message::of('It has stopped darkening; no tack on the back of a gloved finger.'),
            1.0,
            0.8,
        );
    }
}

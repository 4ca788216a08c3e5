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

/** An emulsion that cleans and feeds. */
final class CleanerCream extends Family
{
    public function __construct()
    {
        parent::__construct(
            label: Message::of('cleaning cream'),
            phase: Phase::Clean,
            drying: DryingProfile::by(Driver::Water, Driver::Absorb, touch: 8.0, next: 60.0, full: 720.0),
            usePerM2: 20.0,
            unit: Unit::Gram,
            effects: [Effect::Wets, Effect::LaysFat],
            hazards: [],
            leaves: [],
            takesOff: [],
            leftOut: Message::of('Dirt that a damp cloth does not lift stays.'),
        );
    }

    public function instruction(Laying $how): Instruction
    {
        return new Instruction(
            Message::of('Clean with cleaning cream'),
            Message::of('A fingertip ').($how->isFootwear ? Message::of('for a toe. Small circles in patches, toe to heel') : Message::of(
                'at a time. Small circles in patches, side by side',
            ))
                .Message::of(', each taken up with a fresh side of the cloth before it dries.'),
            Message::of('No cool feel, and a white cloth stays clean.'),
            2.0,
            0.9,
        );
    }
}

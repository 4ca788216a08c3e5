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
use KindHeel\Core\Product\Unit;
use KindHeel\Core\Text\Message;

/** Pigmented cream: colour and food in one. */
final class Cream extends Family
{
    public function __construct()
    {
        parent::__construct(
            label: Message::of('cream polish'),
            phase: Phase::Polish,
            drying: DryingProfile::by(Driver::Naphtha, Driver::Absorb, touch: 8.0, recoatFrom: 15.0, next: 60.0, full: 720.0),
            usePerM2: 20.0,
            unit: Unit::Gram,
            effects: [Effect::Colours, Effect::LaysFat],
            hazards: [Hazard::Solvent],
            leaves: [],
            takesOff: [],
            leftOut: Message::of('Scuffs and fading stay to be seen, and the leather is not fed.'),
        );
    }

    public function instruction(Laying $how): Instruction
    {
        return new Instruction(Message::of('Lay %s cream polish%s', $how->named('neutral'), $how->coatOf()), match ($how->by) {
            Applicator::Brush => Message::of('Thin, brushed in and brushed up again, so that the fibre stands.'),
            Applicator::Dauber => Phase::Edges === $how->phase
                ? Message::of('Thin layers into the end grain, the welt and the joints; what stays on top is wiped off.')
                : Message::of(
                    'A small dauber along the bare welt, light thread or nap, a strip of cotton elsewhere; little at a time, worked in before moving on.',
                ),
            default => Message::of('A strip of cotton tight round two fingers, little at a time, small circles, worked in before moving on.'),
        }, Message::of('Hazed: a knuckle wipes it to a shine.'), 1.0, 0.6);
    }
}

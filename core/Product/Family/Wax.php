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
use KindHeel\Core\Product\Surface;
use KindHeel\Core\Product\Unit;
use KindHeel\Core\Text\Message;

/** Hard wax in spirit: cover and shine. */
final class Wax extends Family
{
    public function __construct()
    {
        parent::__construct(
            label: Message::of('wax polish'),
            phase: Phase::Polish,
            drying: DryingProfile::by(Driver::Naphtha, Driver::Naphtha, touch: 8.0, recoatFrom: 5.0, next: 60.0, full: 720.0),
            usePerM2: 12.0,
            unit: Unit::Gram,
            effects: [Effect::Colours, Effect::LaysFat],
            hazards: [Hazard::Solvent],
            leaves: [Surface::Wax],
            takesOff: [],
            leftOut: Message::of('Less shine, and nothing over the colour.'),
            openedMonths: 24,
        );
    }

    public function instruction(Laying $how): Instruction
    {
        if (Applicator::Pen === $how->by) {
            return new Instruction(
                Message::of('Fill the line with %s wax stick', $how->named(Message::of('a clear'))),
                Message::of('The stick warmed in the hand and rubbed across the line until it is level; the rest scraped off with a card, then a soft cloth.'),
                Message::of('A nail slides over it.'),
                1.0,
                4.0,
            );
        }

        return new Instruction(
            Message::of('Lay %s wax polish%s', $how->named('neutral'), $how->coatOf()),
            $how->coat > 2
                ? Message::of('The thinnest film, a drop of cold water on the cloth, light circles until it clears.')
                : Message::of('Thin, small circles, ').($how->isFootwear ? Message::of('welt to topline; none in the creases.') : Message::of(
                    'a hand’s breadth at a time; none where it bends.',
                )),
            Message::of('Hazed: a knuckle wipes it to a shine.'),
            0.5,
            0.5,
        );
    }
}

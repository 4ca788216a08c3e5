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

/** Water on a wrung-out cloth: the gentlest cleaner, and what dampens leather evenly before dye. */
final class DampCloth extends Family
{
    public function __construct()
    {
        parent::__construct(
            label: Message::of('barely damp cloth'),
            phase: Phase::Clean,
            drying: DryingProfile::by(Driver::Water, Driver::Water, touch: 5.0, next: 12.0, full: 30.0),
            usePerM2: 0.0,
            unit: Unit::Millilitre,
            effects: [Effect::Wets, Effect::LeavesGround],
            hazards: [],
            leaves: [],
            takesOff: [],
            leftOut: Message::of('It is left for another time.'),
        );
    }

    public function instruction(Laying $how): Instruction
    {
        return Phase::Colour === $how->phase
            ? new Instruction(
                Message::of('Damp evenly'),
                Message::of('A wrung-out sponge over the whole part in one go, until it is evenly darker and nowhere wet.'),
                Message::of('Evenly cool, no wet shine.'),
                1.0,
                0.3,
            )
            : new Instruction(
                Message::of('Wipe with a barely damp cloth'),
                Message::of(
                    'Wrung out until it is cool to the hand and leaves no drop. The whole part, not the spot alone; turn the dirty side in.',
                ).$how->alongScales(),
                Message::of('No cool feel on the back of the hand.'),
                0.5,
                0.5,
            );
    }
}

<?php

declare(strict_types=1);

namespace KindHeel\Core\Product\Family;

use KindHeel\Core\Drying\Driver;
use KindHeel\Core\Drying\DryingProfile;
use KindHeel\Core\Product\Effect;
use KindHeel\Core\Product\Family;
use KindHeel\Core\Product\Hazard;
use KindHeel\Core\Product\Instruction;
use KindHeel\Core\Product\Laying;
use KindHeel\Core\Product\Phase;
use KindHeel\Core\Product\Remark;
use KindHeel\Core\Product\Unit;
use KindHeel\Core\Text\Message;

/** Oil for bare and work leather; darkens for good. */
final class Oil extends Family
{
    public function __construct()
    {
        parent::__construct(
            label: 'oil',
            phase: Phase::Condition,
            drying: DryingProfile::by(Driver::Absorb, Driver::Absorb, touch: 180.0, recoatFrom: 480.0, next: 960.0, full: 2880.0),
            usePerM2: 90.0,
            unit: Unit::Millilitre,
            effects: [Effect::LaysFat, Effect::AsksForTrial],
            hazards: [Hazard::OilyRags],
            leaves: [],
            takesOff: [],
            leftOut: Message::of('It stays thirsty: feed it within the month.'),
            ownerHears: new Remark('W-10', Message::of('Oil darkens the %s for good: only with the owner’s yes.')),
            openedMonths: 12,
        );
    }

    public function instruction(Laying $how): Instruction
    {
        return new Instruction(
            Message::of('Oil').$how->coatOf(),
            Message::of('A cloth just damp with oil, from the flesh side first where it can be reached; stop when it no longer sinks in or shows through.'),
            Message::of('It has sunk in and darkens no further.'),
            2.0,
            0.6,
        );
    }
}

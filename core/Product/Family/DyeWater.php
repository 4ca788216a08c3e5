<?php

declare(strict_types=1);

namespace KindHeel\Core\Product\Family;

use KindHeel\Core\Drying\Driver;
use KindHeel\Core\Drying\DryingProfile;
use KindHeel\Core\Product\DyeFamily;
use KindHeel\Core\Product\Effect;
use KindHeel\Core\Product\Hazard;
use KindHeel\Core\Product\Phase;
use KindHeel\Core\Product\Remark;
use KindHeel\Core\Product\Surface;
use KindHeel\Core\Product\Unit;
use KindHeel\Core\Text\Message;

/** Transparent colour in water: for nap, where spirit would stiffen. */
final class DyeWater extends DyeFamily
{
    public function __construct()
    {
        parent::__construct(
            label: Message::of('water dye'),
            phase: Phase::Colour,
            drying: DryingProfile::by(Driver::Water, Driver::Water, touch: 45.0, recoatFrom: 60.0, next: 300.0, full: 1440.0),
            usePerM2: 70.0,
            unit: Unit::Millilitre,
            effects: [Effect::Colours, Effect::Dyes, Effect::NeedsCleanGround, Effect::Runs, Effect::IsMixed, Effect::AsksForTrial],
            hazards: [Hazard::Skin],
            leaves: [Surface::Dyed, Surface::LooseDye],
            takesOff: [Surface::Sealed],
            leftOut: Message::of('What is lost of the colour stays lost.'),
            ownerHears: new Remark('C-14', Message::of('Fresh dye can rub off on light cloth for the first wearings.')),
            openedMonths: 24,
        );
    }
}

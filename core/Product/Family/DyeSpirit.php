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

/** Transparent colour in spirit: goes into the fibre, adds to what is there. */
final class DyeSpirit extends DyeFamily
{
    public function __construct()
    {
        parent::__construct(
            label: Message::of('spirit dye'),
            phase: Phase::Colour,
            drying: DryingProfile::by(Driver::Alcohol, Driver::Alcohol, touch: 10.0, recoatFrom: 20.0, next: 180.0, full: 1440.0, maxRh: 0.85),
            usePerM2: 60.0,
            unit: Unit::Millilitre,
            effects: [Effect::Colours, Effect::Dyes, Effect::NeedsCleanGround, Effect::Runs, Effect::IsMixed, Effect::AsksForTrial],
            hazards: [Hazard::Solvent, Hazard::Flammable, Hazard::Skin],
            leaves: [Surface::Dyed, Surface::LooseDye],
            takesOff: [Surface::Sealed],
            leftOut: Message::of('What is lost of the colour stays lost.'),
            ownerHears: new Remark('C-14', Message::of('Fresh dye can rub off on light cloth for the first wearings.')),
            openedMonths: 24,
        );
    }
}

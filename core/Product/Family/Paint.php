<?php

declare(strict_types=1);

namespace KindHeel\Core\Product\Family;

use KindHeel\Core\Drying\Driver;
use KindHeel\Core\Drying\DryingProfile;
use KindHeel\Core\Product\Effect;
use KindHeel\Core\Product\Hazard;
use KindHeel\Core\Product\PaintFamily;
use KindHeel\Core\Product\Phase;
use KindHeel\Core\Product\Surface;
use KindHeel\Core\Product\Unit;
use KindHeel\Core\Text\Message;

/** Opaque colour in an acrylic film. */
final class Paint extends PaintFamily
{
    public function __construct()
    {
        parent::__construct(
            label: Message::of('leather paint'),
            phase: Phase::Colour,
            drying: DryingProfile::by(
                Driver::Water,
                Driver::Cure,
                touch: 12.0,
                recoatFrom: 20.0,
                recoatUntil: 1440.0,
                next: 120.0,
                full: 2880.0,
                film: true,
                minTempC: 10.0,
                sprayed: true,
            ),
            usePerM2: 70.0,
            unit: Unit::Millilitre,
            effects: [
                Effect::Colours, Effect::Paints, Effect::BuildsFilm, Effect::NeedsCleanGround, Effect::TakesWarmAir, Effect::IsMixed,
                Effect::AsksForTrial,
            ],
            hazards: [Hazard::Spray],
            leaves: [Surface::Painted],
            takesOff: [Surface::Sealed],
            leftOut: Message::of('What is lost of the colour stays lost.'),
            touchCounts: false,
        );
    }
}

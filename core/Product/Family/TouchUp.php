<?php

declare(strict_types=1);

namespace KindHeel\Core\Product\Family;

use KindHeel\Core\Drying\Driver;
use KindHeel\Core\Drying\DryingProfile;
use KindHeel\Core\Product\Effect;
use KindHeel\Core\Product\PaintFamily;
use KindHeel\Core\Product\Phase;
use KindHeel\Core\Product\Surface;
use KindHeel\Core\Product\Unit;
use KindHeel\Core\Text\Message;

/** Paint for a spot, from a pen or a bud. */
final class TouchUp extends PaintFamily
{
    public function __construct()
    {
        parent::__construct(
            label: 'touch-up',
            phase: Phase::Colour,
            drying: DryingProfile::by(
                Driver::Water,
                Driver::Cure,
                touch: 10.0,
                recoatFrom: 15.0,
                recoatUntil: 1440.0,
                next: 60.0,
                full: 1440.0,
                film: true,
                minTempC: 10.0,
            ),
            usePerM2: 50.0,
            unit: Unit::Millilitre,
            effects: [Effect::Colours, Effect::Paints, Effect::BuildsFilm, Effect::NeedsCleanGround, Effect::TakesWarmAir],
            hazards: [],
            leaves: [Surface::Painted],
            takesOff: [Surface::Sealed],
            leftOut: Message::of('What is lost of the colour stays lost.'),
            touchCounts: false,
            openedMonths: 12,
        );
    }
}

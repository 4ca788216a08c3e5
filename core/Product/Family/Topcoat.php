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
use KindHeel\Core\Product\Surface;
use KindHeel\Core\Product\Unit;
use KindHeel\Core\Text\Message;

/** A clear film that sets the gloss and keeps the paint. */
final class Topcoat extends Family
{
    public function __construct()
    {
        parent::__construct(
            label: 'topcoat',
            phase: Phase::Seal,
            drying: DryingProfile::by(
                Driver::Water,
                Driver::Cure,
                touch: 20.0,
                recoatFrom: 45.0,
                recoatUntil: 1440.0,
                next: 240.0,
                full: 3600.0,
                film: true,
                minTempC: 10.0,
                sprayed: true,
            ),
            usePerM2: 65.0,
            unit: Unit::Millilitre,
            effects: [Effect::BuildsFilm, Effect::NeedsCleanGround, Effect::TakesWarmAir],
            hazards: [Hazard::Spray],
            leaves: [Surface::Sealed],
            takesOff: [],
            leftOut: Message::of('Colour rubs off sooner.'),
        );
    }

    public function instruction(Laying $how): Instruction
    {
        if ($how->isSpot()) {
            return new Instruction(
                Message::of('Seal the spot with topcoat').$how->coatOf(),
                Message::of('A bud or a pen, over the colour and a little beyond its rim; a second, dry bud draws the edge out until no gloss stops anywhere.')
                    .$how->warmAir(),
                Message::of('No tack, and a nail leaves no mark.'),
                2.0,
                2.0,
            );
        }

        return new Instruction(
            Message::of('Seal with topcoat').$how->coatOf(),
            $how->filmStroke().Message::of(' Over the whole part up to a seam, so that its edge does not show.').$how->warmAir(),
            Message::of('No tack, and a nail leaves no mark.'),
            $how->setUp(2.0),
            1.9,
        );
    }
}

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
use KindHeel\Core\Product\Surface;
use KindHeel\Core\Product\Unit;
use KindHeel\Core\Text\Message;

/** A thin resist over dyed bare leather. */
final class Resin extends Family
{
    public function __construct()
    {
        parent::__construct(
            label: Message::of('resin finish'),
            phase: Phase::Seal,
            drying: DryingProfile::by(
                Driver::Water,
                Driver::Cure,
                touch: 20.0,
                recoatFrom: 45.0,
                recoatUntil: 1440.0,
                next: 120.0,
                full: 1440.0,
                film: true,
                minTempC: 10.0,
            ),
            usePerM2: 65.0,
            unit: Unit::Millilitre,
            effects: [Effect::BuildsFilm, Effect::NeedsCleanGround, Effect::TakesWarmAir],
            hazards: [],
            leaves: [Surface::Sealed],
            takesOff: [],
            leftOut: Message::of('Colour rubs off sooner.'),
        );
    }

    public function instruction(Laying $how): Instruction
    {
        return new Instruction(
            Message::of('Lay the resin finish').$how->coatOf(),
            1 === $how->coat
                ? Message::of('Stirred, never shaken. Laid on softly with a wide soft brush, once over, not rubbed.')
                : Message::of('Thin and quick, once over, in the other direction.'),
            Message::of('Clear, no tack, no milky place.'),
            2.0,
            1.4,
        );
    }
}

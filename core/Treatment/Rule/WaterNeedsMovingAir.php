<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Rule;

use KindHeel\Core\Treatment\Rule;

/** Said with the steps it concerns; an order of steps cannot break it. */
#[Rule('W-2', 'Water dries with warm, dry, moving air; solvent cares for warmth, cure for warmth, thick coats take longer.')]
final readonly class WaterNeedsMovingAir
{
}

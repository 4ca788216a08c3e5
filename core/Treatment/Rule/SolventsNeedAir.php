<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Rule;

use KindHeel\Core\Treatment\Rule;

/** Said with the steps it concerns; an order of steps cannot break it. */
#[Rule('H-2', 'Moving outside air, gloves that resist it, nobody leaning over the pot.')]
final readonly class SolventsNeedAir
{
}

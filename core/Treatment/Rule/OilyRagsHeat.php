<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Rule;

use KindHeel\Core\Treatment\Rule;

/** Said with the steps it concerns; an order of steps cannot break it. */
#[Rule('H-4', 'Oily rags heat up by themselves: spread flat outdoors, or under water in a lidded can.')]
final readonly class OilyRagsHeat
{
}

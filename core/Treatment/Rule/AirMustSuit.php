<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Rule;

use KindHeel\Core\Treatment\Rule;

/** Said with the steps it concerns; an order of steps cannot break it. */
#[Rule('W-3', 'Below 10 °C films do not form, above 85 % humidity spirits bloom, and no spray near the dew point.')]
final readonly class AirMustSuit
{
}

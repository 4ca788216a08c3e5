<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Rule;

use KindHeel\Core\Treatment\Rule;

/** Said with the steps it concerns; an order of steps cannot break it. */
#[Rule('W-4', 'Warm air only on films, moving, 20 cm off, the surface under 40 °C.')]
final readonly class WarmAirOnlyOnFilms
{
}

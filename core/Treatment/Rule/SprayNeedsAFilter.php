<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Rule;

use KindHeel\Core\Treatment\Rule;

/** Said with the steps it concerns; an order of steps cannot break it. */
#[Rule('H-9', 'Spray is not breathed: the right filter, a booth or outdoors, no pilot light.')]
final readonly class SprayNeedsAFilter
{
}

<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Rule;

use KindHeel\Core\Treatment\Rule;

/** Said with the steps it concerns; an order of steps cannot break it. */
#[Rule('S-2', 'What runs, sprays or rubs on one part reaches its neighbours.')]
final readonly class NeighboursAreReached
{
}

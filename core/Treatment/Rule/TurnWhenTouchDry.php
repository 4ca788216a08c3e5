<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Rule;

use KindHeel\Core\Treatment\Rule;

/** Said with the steps it concerns; an order of steps cannot break it. */
#[Rule('W-8', 'The first side must be touch-dry before it is turned over.')]
final readonly class TurnWhenTouchDry
{
}

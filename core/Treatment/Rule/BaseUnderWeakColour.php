<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Rule;

use KindHeel\Core\Treatment\Rule;

/** Said with the steps it concerns; an order of steps cannot break it. */
#[Rule('O-16', 'A white or near base under a colour that hides weakly saves coats.')]
final readonly class BaseUnderWeakColour
{
}

<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Rule;

use KindHeel\Core\Treatment\Rule;

/** Said with the steps it concerns; an order of steps cannot break it. */
#[Rule('H-10', 'Fluorinated repellents: outdoors, and check what the law allows.')]
final readonly class RepellentOutdoors
{
}

<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Rule;

use KindHeel\Core\Treatment\Rule;

/** Said with the steps it concerns; an order of steps cannot break it. */
#[Rule('S-1', 'Left and right wear differently: seen apart, planned together, judged side by side.')]
final readonly class LeftAndRightApart
{
}

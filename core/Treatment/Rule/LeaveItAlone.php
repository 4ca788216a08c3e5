<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Rule;

use KindHeel\Core\Treatment\Rule;

/** Said with the steps it concerns; an order of steps cannot break it. */
#[Rule('J-3', 'Even patina and a scar that tells a story stay.')]
final readonly class LeaveItAlone
{
}

<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Rule;

use KindHeel\Core\Treatment\Rule;

/** Said with the steps it concerns; an order of steps cannot break it. */
#[Rule('W-7', 'A missed window is no loss: key lightly, wipe with alcohol, carry on.')]
final readonly class MissedWindowIsKeyed
{
}

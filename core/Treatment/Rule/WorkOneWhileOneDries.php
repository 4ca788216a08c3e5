<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Rule;

use KindHeel\Core\Treatment\Rule;

/** Said with the steps it concerns; an order of steps cannot break it. */
#[Rule('W-6', 'While one half dries the other is worked.')]
final readonly class WorkOneWhileOneDries
{
}

<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Rule;

use KindHeel\Core\Treatment\Rule;

/** Said with the steps it concerns; an order of steps cannot break it. */
#[Rule('J-5', 'Promise only what is sure, and say what will still show.')]
final readonly class PromiseWhatStays
{
}

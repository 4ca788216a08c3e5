<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Rule;

use KindHeel\Core\Treatment\Rule;

/** Said with the steps it concerns; an order of steps cannot break it. */
#[Rule('J-8', 'What cannot be dry in time is left out rather than hurried.')]
final readonly class SequenceOverSpeed
{
}

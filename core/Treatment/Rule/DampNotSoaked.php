<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Rule;

use KindHeel\Core\Treatment\Rule;

/** Said with the steps it concerns; an order of steps cannot break it. */
#[Rule('C-6', 'Soaked leather rings, swells and loses fat; damp is enough.')]
final readonly class DampNotSoaked
{
}

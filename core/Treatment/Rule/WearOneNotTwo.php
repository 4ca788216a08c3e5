<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Rule;

use KindHeel\Core\Treatment\Rule;

/** Said with the steps it concerns; an order of steps cannot break it. */
#[Rule('T-8', 'Of a pair that cannot be replaced one half is treated first, and compared when fully dry.')]
final readonly class WearOneNotTwo
{
}

<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Rule;

use KindHeel\Core\Treatment\Rule;

/** Said with the steps it concerns; an order of steps cannot break it. */
#[Rule('C-12', 'The paler or more delicate part is worked last, with a clean cloth for each.')]
final readonly class PalerPartLast
{
}

<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Rule;

use KindHeel\Core\Treatment\Rule;

/** Said with the steps it concerns; an order of steps cannot break it. */
#[Rule('H-1', 'The maker’s safety data sheet, local rules and licensed practice come first; this plans, it does not certify.')]
final readonly class LabelComesFirst
{
}

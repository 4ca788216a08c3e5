<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Rule;

use KindHeel\Core\Treatment\Rule;

/** Said with the steps it concerns; an order of steps cannot break it. */
#[Rule('H-12', 'Cut away from the hand; needles, awls and hot irons have a stand.')]
final readonly class BladesHaveAStand
{
}

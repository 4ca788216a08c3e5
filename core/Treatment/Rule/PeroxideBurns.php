<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Rule;

use KindHeel\Core\Treatment\Rule;

/** Said with the steps it concerns; an order of steps cannot break it. */
#[Rule('H-6', 'Oxidiser burns skin: gloves, eyes, no metal lid, no sealed bottle in the sun.')]
final readonly class PeroxideBurns
{
}

<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Rule;

use KindHeel\Core\Treatment\Rule;

/** Said with the steps it concerns; an order of steps cannot break it. */
#[Rule('O-14', 'An even light damping makes bare leather take dye evenly.')]
final readonly class EvenlyDampBeforeDye
{
}

<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Rule;

use KindHeel\Core\Treatment\Rule;

/** Said with the steps it concerns; an order of steps cannot break it. */
#[Rule('C-13', 'Pigment and dressing match the part; on light stitching and bare welts they are masked off or laid with a small dauber.')]
final readonly class ShadeMatchesThePart
{
}

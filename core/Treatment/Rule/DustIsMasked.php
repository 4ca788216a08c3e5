<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Rule;

use KindHeel\Core\Treatment\Rule;

/** Said with the steps it concerns; an order of steps cannot break it. */
#[Rule('H-5', 'Sanding dust is not breathed, and unknown old paint is treated as lead.')]
final readonly class DustIsMasked
{
}

<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Rule;

use KindHeel\Core\Treatment\Rule;

/** Said with the steps it concerns; an order of steps cannot break it. */
#[Rule('H-11', 'Dyes and some tannages sensitise: gloves.')]
final readonly class SkinIsGloved
{
}

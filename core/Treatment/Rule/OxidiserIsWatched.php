<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Rule;

use KindHeel\Core\Treatment\Rule;

/** Said with the steps it concerns; an order of steps cannot break it. */
#[Rule('W-11', 'Yellowed rubber under light is checked every couple of hours, turned, and kept wet under film.')]
final readonly class OxidiserIsWatched
{
}

<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Rule;

use KindHeel\Core\Treatment\Rule;

/** Said with the steps it concerns; an order of steps cannot break it. */
#[Rule('S-3', 'What comes off is listed, so that nothing is lost.')]
final readonly class ListWhatComesOff
{
}

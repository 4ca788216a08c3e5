<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Rule;

use KindHeel\Core\Treatment\Rule;

/** Said with the steps it concerns; an order of steps cannot break it. */
#[Rule('O-11', 'Scratches of a skipped grit show through paint: each no more than about twice the last, dusted off between.')]
final readonly class GritByGrit
{
}

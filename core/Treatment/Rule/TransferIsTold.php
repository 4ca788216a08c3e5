<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Rule;

use KindHeel\Core\Treatment\Rule;

/** Said with the steps it concerns; an order of steps cannot break it. */
#[Rule('C-14', 'Quick shine and loose dye rub off on light cloth: it is said on the care card.')]
final readonly class TransferIsTold
{
}

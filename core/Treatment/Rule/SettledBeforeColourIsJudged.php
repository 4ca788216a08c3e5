<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Rule;

use KindHeel\Core\Treatment\Rule;

/** Said with the steps it concerns; an order of steps cannot break it. */
#[Rule('W-10', 'Conditioner and oil must have stopped darkening before colour is judged.')]
final readonly class SettledBeforeColourIsJudged
{
}

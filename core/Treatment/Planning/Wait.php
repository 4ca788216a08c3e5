<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Planning;

use KindHeel\Core\Drying\After;

/** A bond to an earlier step with its numbers in the usual air: minutes from its end. */
final readonly class Wait
{
    public function __construct(public After $bond, public ?float $minMinutes, public ?float $maxMinutes)
    {
    }
}

<?php

declare(strict_types=1);

namespace KindHeel\App\Bench;

use KindHeel\Core\Drying\DryingPlace;

/** Where a piece is put. */
final readonly class MoveInput
{
    public function __construct(public DryingPlace $place)
    {
    }
}

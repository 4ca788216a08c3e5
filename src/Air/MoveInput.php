<?php

declare(strict_types=1);

namespace KindHeel\App\Air;

use KindHeel\Core\Drying\Place;

/** Where a piece is put. */
final readonly class MoveInput
{
    public function __construct(public Place $place)
    {
    }
}

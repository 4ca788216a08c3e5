<?php

declare(strict_types=1);

namespace KindHeel\App\Air;

use KindHeel\Core\Drying\Air;
use KindHeel\Core\Drying\Place;

/** A reading as it is used. */
final readonly class KnownAir
{
    public function __construct(public \DateTimeImmutable $at, public Air $air, public AirSource $source, public Place $place)
    {
    }
}

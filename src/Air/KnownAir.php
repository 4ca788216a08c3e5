<?php

declare(strict_types=1);

namespace KindHeel\App\Air;

use KindHeel\Core\Drying\Air;
use KindHeel\Core\Drying\DryingPlace;
use KindHeel\Core\Drying\SensorFault;

/** A reading as it is used. */
final readonly class KnownAir
{
    public function __construct(
        public \DateTimeImmutable $at,
        public Air $air,
        public AirSource $source,
        public DryingPlace $place,
        public ?SensorFault $fault = null,
    ) {
    }
}

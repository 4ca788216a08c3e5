<?php

declare(strict_types=1);

namespace KindHeel\App\Air;

use KindHeel\Core\Drying\DryingPlace;

/** A workshop whose air is read by its people alone. */
final readonly class NoThermoHygrometer implements ThermoHygrometer
{
    public function places(): array
    {
        return [];
    }

    public function read(\DateTimeImmutable $at, DryingPlace $place): null
    {
        return null;
    }
}

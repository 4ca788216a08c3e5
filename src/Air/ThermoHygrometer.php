<?php

declare(strict_types=1);

namespace KindHeel\App\Air;

use KindHeel\Core\Drying\DryingPlace;

/** The instruments on the workshop's walls, one for each place. */
interface ThermoHygrometer
{
    /** @return array{float, float, float}|null °C, relative humidity 0–1 and m/s as it says; null when it says nothing */
    public function read(\DateTimeImmutable $at, DryingPlace $place): ?array;
}

<?php

declare(strict_types=1);

namespace KindHeel\App\Air;

use KindHeel\Core\Drying\DryingPlace;

/** The instruments on the workshop's walls, one for each place. */
interface ThermoHygrometer
{
    /** @return list<DryingPlace> where there is one */
    public function places(): array;

    /** What the one at a place says; null when it says nothing. */
    public function read(\DateTimeImmutable $at, DryingPlace $place): ?InstrumentSays;
}

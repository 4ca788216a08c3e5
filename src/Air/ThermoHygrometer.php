<?php

declare(strict_types=1);

namespace KindHeel\App\Air;

use KindHeel\Core\Drying\Air;

/** The instrument on the workshop's wall. */
interface ThermoHygrometer
{
    public function read(\DateTimeImmutable $at): Air;
}

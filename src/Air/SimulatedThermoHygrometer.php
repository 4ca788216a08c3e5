<?php

declare(strict_types=1);

namespace KindHeel\App\Air;

use KindHeel\Core\Drying\Air;
use Symfony\Component\DependencyInjection\Attribute\AsAlias;

/**
 * Stands in for the instrument: a heated room that is warmest and driest in the afternoon, with a slow wander from day
 * to day and the flicker of a cheap sensor. The same moment always reads the same.
 */
#[AsAlias(ThermoHygrometer::class)]
final class SimulatedThermoHygrometer implements ThermoHygrometer
{
    public function read(\DateTimeImmutable $at): Air
    {
        $hours = $at->getTimestamp() / 3600.0;
        $day = -cos(2.0 * \M_PI * ($hours - 3.0) / 24.0);
        $wander = sin($hours / 31.0) + 0.5 * sin($hours / 11.3);
        $flicker = (crc32($at->format('YmdHi')) % 1000) / 1000.0 - 0.5;

        return Air::of(
            round(19.4 + 1.9 * $day + 0.7 * $wander + 0.1 * $flicker, 1),
            round(max(0.25, min(0.85, 0.52 - 0.06 * $day + 0.05 * $wander + 0.01 * $flicker)), 3),
        );
    }
}

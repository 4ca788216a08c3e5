<?php

declare(strict_types=1);

namespace KindHeel\App\Simulation;

use KindHeel\App\Air\InstrumentSays;
use KindHeel\App\Air\ThermoHygrometer;
use KindHeel\Core\Drying\DryingPlace;
use KindHeel\Core\Drying\SensorFault;

/**
 * Stands in for the instruments: a heated room that is warmest and driest in the afternoon, with a slow wander from day to day and the flicker of a cheap
 * sensor; in a rainy week cooler and damp. The same moment always reads the same. Each instrument can be made to fail.
 */
final readonly class SimulatedThermoHygrometer implements ThermoHygrometer
{
    /** How the places differ: °C, humidity, m/s. */
    private const PLACES = ['bench' => [0.0, 0.0, 0.1], 'rack' => [-0.4, 0.015, 0.1], 'booth' => [-0.8, 0.01, 0.4], 'box' => [12.5, -0.24, 0.6]];

    /** @param array<string, SensorFault> $faults by place */
    public function __construct(private bool $rainy = false, private array $faults = [])
    {
    }

    public function places(): array
    {
        return DryingPlace::cases();
    }

    public function read(\DateTimeImmutable $at, DryingPlace $place): ?InstrumentSays
    {
        $fault = $this->faults[$place->value] ?? null;
        if (SensorFault::Missing === $fault) {
            return null;
        }
        if (SensorFault::Absurd === $fault) {
            return new InstrumentSays(-127.0, 2.55, 0.0, simulated: true);
        }
        $at = SensorFault::Stuck === $fault ? $at->setTime(6, 0) : $at;
        $hours = $at->getTimestamp() / 3600.0;
        $day = -cos(2.0 * \M_PI * ($hours - 3.0) / 24.0);
        $wander = sin($hours / 31.0) + 0.5 * sin($hours / 11.3);
        $flicker = (crc32($at->format('YmdHi').(DryingPlace::Bench === $place ? '' : $place->value)) % 1000) / 1000.0 - 0.5;
        [$warmer, $damper, $speedMs] = self::PLACES[$place->value];

        return new InstrumentSays(
            round(19.4 + 1.9 * $day + 0.7 * $wander + 0.1 * $flicker + $warmer - ($this->rainy ? 1.8 : 0.0), 1),
            round(max(0.12, min(0.95, 0.52 - 0.06 * $day + 0.05 * $wander + 0.01 * $flicker + $damper + ($this->rainy ? 0.24 : 0.0))), 3),
            $speedMs,
            simulated: true,
        );
    }
}

<?php

declare(strict_types=1);

namespace KindHeel\App\Simulation;

use KindHeel\App\Air\FeedThermoHygrometer;
use KindHeel\App\Air\NoThermoHygrometer;
use KindHeel\App\Air\ThermoHygrometer;

/** Chooses the instruments: `HYGROMETER_URL` is where they are read, or `simulated`; without it there are none. */
final readonly class ThermoHygrometerFactory
{
    public const SIMULATED = 'simulated';

    public function __construct(private FeedThermoHygrometer $feed, private string $hygrometerUrl)
    {
    }

    public function __invoke(): ThermoHygrometer
    {
        return match ($this->hygrometerUrl) {
            '' => new NoThermoHygrometer(),
            self::SIMULATED => new SimulatedThermoHygrometer(),
            default => $this->feed,
        };
    }
}

<?php

declare(strict_types=1);

namespace KindHeel\App\Simulation;

use KindHeel\App\Air\FeedThermoHygrometer;
use KindHeel\App\Air\ThermoHygrometer;

/** Chooses the instruments: `HYGROMETER_URL` is where the real ones are read; without it the simulated ones stand in. */
final readonly class ThermoHygrometerFactory
{
    public function __construct(private FeedThermoHygrometer $feed, private string $hygrometerUrl)
    {
    }

    public function __invoke(): ThermoHygrometer
    {
        return '' === $this->hygrometerUrl ? new SimulatedThermoHygrometer() : $this->feed;
    }
}

<?php

declare(strict_types=1);

namespace KindHeel\App\Air;

/** One answer of an instrument, to be believed or not. */
final readonly class InstrumentSays
{
    public function __construct(
        /** °C */
        public float $tempC,
        /** relative humidity, 0–1 */
        public float $rh,
        public float $speedMs = 0.1,
        /** made up by a stand-in */
        public bool $simulated = false,
    ) {
    }

    /** @return array{float, float, float} °C, relative humidity and m/s */
    public function figures(): array
    {
        return [$this->tempC, $this->rh, $this->speedMs];
    }
}

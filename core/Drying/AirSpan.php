<?php

declare(strict_types=1);

namespace KindHeel\Core\Drying;

/** The air from a moment on; the surface of the piece in °C where it is not as warm as the air. */
final readonly class AirSpan
{
    public function __construct(public \DateTimeImmutable $from, public Air $air, public ?float $surfaceTempC = null)
    {
    }

    /** How far the surface stands above the dew point, in K. */
    public function aboveDewPoint(): float
    {
        return ($this->surfaceTempC ?? $this->air->tempC) - $this->air->dewPointC();
    }
}

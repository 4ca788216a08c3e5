<?php

declare(strict_types=1);

namespace KindHeel\Core\Drying;

use KindHeel\Core\Text\Message;

/** The air at one place and moment: °C, relative humidity 0–1, speed in m/s. */
final readonly class Air
{
    /** What `bench temperature, half humid, still` means wherever a time is quoted without air. */
    public const STILL_MS = 0.1;

    private function __construct(public float $tempC, public float $rh, public float $speedMs)
    {
    }

    /** @throws AirOutOfRange when no workshop could have such air */
    public static function of(float $tempC, float $rh, float $speedMs = self::STILL_MS): self
    {
        if (!is_finite($tempC) || $tempC < -40.0 || $tempC > 80.0) {
            throw new AirOutOfRange('temp_c', Message::of('must be between -40 and 80 °C'));
        }
        if (!is_finite($rh) || $rh < 0.0 || $rh > 1.0) {
            throw new AirOutOfRange('rh', Message::of('must be between 0 and 1'));
        }
        if (!is_finite($speedMs) || $speedMs < 0.0 || $speedMs > 30.0) {
            throw new AirOutOfRange('speed_ms', Message::of('must be between 0 and 30 m/s'));
        }

        return new self($tempC, $rh, $speedMs);
    }

    /** The air that every rate is 1 in: 20 °C, 50 % RH, 0.1 m/s. */
    public static function reference(): self
    {
        return new self(20.0, 0.5, self::STILL_MS);
    }

    /** Dew point in °C, the inverse of the Magnus form; absolutely dry air has none and gives -273.15. */
    public function dewPointC(): float
    {
        return Humidity::dewPointC($this->tempC, $this->rh);
    }
}

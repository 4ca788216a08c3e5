<?php

declare(strict_types=1);

namespace KindHeel\Core\Drying;

use KindHeel\Core\Text\Message;

/** What may be done to the air, and what the air is then. Vapour is carried over as pressure: warmed air is drier though no water has left it. */
enum WhatIf: string
{
    case Window = 'window';
    case Fan = 'fan';
    case Heater = 'heater';
    case Box = 'box';

    private const DRAUGHT_MS = 0.4;
    private const FAN_MS = 1.0;
    private const HEATER_C = 3.0;
    private const BOX_C = 32.0;
    private const BOX_MS = 0.6;

    public function label(): string
    {
        return Message::of(match ($this) {
            self::Window => 'open the window',
            self::Fan => 'fan on',
            self::Heater => 'heating up by 3 °C',
            self::Box => 'into the drying box',
        });
    }

    /** What to be careful of; null where nothing can go wrong. */
    public function caution(): ?string
    {
        return match ($this) {
            self::Window => null,
            self::Fan => Message::of('No dust, and not straight onto a wet film.'),
            self::Heater, self::Box => Message::of(
                'For films only: moving air, 20 cm off, the surface under 40 °C, wet leather under 35 °C, never near solvent.',
            ),
        };
    }

    /** @param Air $outside the air before the window; a room with an open one ends half way */
    public function of(Air $air, Air $outside): Air
    {
        return match ($this) {
            self::Fan => Air::of($air->tempC, $air->rh, max($air->speedMs, self::FAN_MS)),
            self::Window => self::at(
                ($air->tempC + $outside->tempC) / 2,
                (self::vapour($air) + self::vapour($outside)) / 2,
                max($air->speedMs, self::DRAUGHT_MS),
            ),
            self::Heater => self::at($air->tempC + self::HEATER_C, self::vapour($air), $air->speedMs),
            self::Box => self::at(max($air->tempC, self::BOX_C), self::vapour($air), max($air->speedMs, self::BOX_MS)),
        };
    }

    /** Vapour pressure in hPa. */
    private static function vapour(Air $air): float
    {
        return $air->rh * Humidity::saturationHpa($air->tempC);
    }

    private static function at(float $tempC, float $vapourHpa, float $speedMs): Air
    {
        return Air::of($tempC, max(0.0, min(1.0, $vapourHpa / Humidity::saturationHpa($tempC))), $speedMs);
    }
}

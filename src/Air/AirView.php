<?php

declare(strict_types=1);

namespace KindHeel\App\Air;

use KindHeel\App\Http\Iso;

/** The air in the workshop: °C, humidity in whole per cent. */
final readonly class AirView
{
    public function __construct(public float $tempC, public int $humidity, public float $speedMs, public string $source, public string $at)
    {
    }

    public static function of(?KnownAir $known): ?self
    {
        return null === $known ? null : new self($known->air->tempC, (int) round(100 * $known->air->rh), $known->air->speedMs, $known->source->value, Iso::of($known->at) ?? '');
    }
}

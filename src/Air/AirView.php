<?php

declare(strict_types=1);

namespace KindHeel\App\Air;

use KindHeel\App\Clock\Iso;
use KindHeel\Core\Drying\DryingPlace;

/** The air at a place: °C, humidity in whole per cent. */
final readonly class AirView
{
    /** @param list<string> $said what to mind: a sensor that fails, air that is too cold or too damp (W-3) */
    public function __construct(
        /** bench, rack, booth or box */
        public DryingPlace $place,
        public string $label,
        public float $tempC,
        public int $humidity,
        public float $speedMs,
        /** instrument, simulated or typed */
        public AirSource $source,
        public string $at,
        public array $said,
    ) {
    }

    public static function of(?KnownAir $known): ?self
    {
        if (null === $known) {
            return null;
        }
        $said = null === $known->fault ? [] : [$known->fault->sentence($known->place->label())];
        if ($known->air->tempC < 10.0) {
            $said[] = 'Below 10 °C water films do not form.';
        }
        if ($known->air->rh > 0.85) {
            $said[] = 'Above 85 % humidity spirit dyes and lacquers bloom.';
        }
        if (DryingPlace::Booth === $known->place && $known->air->tempC - $known->air->dewPointC() < 3.0) {
            $said[] = 'The air is less than 3 °C above its dew point: no spraying.';
        }

        return new self(
            $known->place,
            $known->place->label(),
            $known->air->tempC,
            (int) round(100 * $known->air->rh),
            $known->air->speedMs,
            $known->source,
            Iso::of($known->at) ?? '',
            $said,
        );
    }
}

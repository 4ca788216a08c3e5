<?php

declare(strict_types=1);

namespace KindHeel\Core\Drying;

/** What carries a coat from one stage to the next, and how fast it does so in given air. */
enum Driver: string
{
    case Water = 'water';
    case Alcohol = 'alcohol';
    case Naphtha = 'naphtha';
    case Acetone = 'acetone';
    case Absorb = 'absorb';
    case Cure = 'cure';

    private const GAS_CONSTANT = 8.314;
    private const ABSORB_EA = 35_000.0;
    private const CURE_EA = 50_000.0;
    private const KELVIN = 273.15;
    private const REFERENCE_C = 20.0;

    /** Rate relative to {@see Air::reference()}, never negative; 0 is a standstill. */
    public function rate(Air $air): float
    {
        return match ($this) {
            self::Water => Humidity::saturationHpa($air->tempC) * (1.0 - $air->rh)
                / (Humidity::saturationHpa(self::REFERENCE_C) * 0.5) * self::wind($air->speedMs),
            self::Alcohol, self::Naphtha, self::Acetone => $this->vapourPressure($air->tempC)
                / $this->vapourPressure(self::REFERENCE_C) * self::wind($air->speedMs),
            self::Absorb => self::arrhenius(self::ABSORB_EA, $air->tempC),
            self::Cure => self::arrhenius(self::CURE_EA, $air->tempC),
        };
    }

    /** The square root of the speed, after the laminar boundary layer over a flat plate (Blasius 1908); 1 in still air. */
    private static function wind(float $speedMs): float
    {
        return sqrt(max(0.1, min($speedMs, 2.0)) / 0.1);
    }

    /** Antoine (1888), log10 p = A − B/(C + T), in mmHg; n-heptane stands for naphtha. */
    private function vapourPressure(float $tempC): float
    {
        [$a, $b, $c] = match ($this) {
            self::Alcohol => [8.11778, 1580.92, 219.61],
            self::Naphtha => [6.89386, 1264.37, 216.64],
            self::Acetone => [7.02447, 1161.0, 224.0],
            default => throw new \LogicException($this->value.' does not evaporate'),
        };

        return 10.0 ** ($a - $b / ($c + $tempC));
    }

    /** Arrhenius (1889) with the activation energy in J/mol. */
    private static function arrhenius(float $ea, float $tempC): float
    {
        return exp(-$ea / self::GAS_CONSTANT * (1.0 / ($tempC + self::KELVIN) - 1.0 / (self::REFERENCE_C + self::KELVIN)));
    }
}

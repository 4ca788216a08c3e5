<?php

declare(strict_types=1);

namespace KindHeel\Core\Colour;

/**
 * What a finish does to a colour: a matt surface scatters its own white reflection into the eye and looks paler, a glossy one sends it away and looks deeper.
 *
 * A share of the first-surface reflection (k₁ = 0.04) is added to what the film sends back: most on matt, none on a mirror.
 */
final class Sheen
{
    private const MATT = 0.2;
    private const SATIN = 0.06;
    private const GLOW = 0.025;

    /** The same film under another finish. */
    public static function moved(Spectrum $read, Gloss $from, Gloss $to): Spectrum
    {
        $shift = Saunderson::K1 * (self::scattered($to) - self::scattered($from));

        return Spectrum::grid(array_map(static fn (float $r): float => max(0.0, min(1.0, $r + $shift)), $read->onGrid()->values));
    }

    private static function scattered(Gloss $gloss): float
    {
        return match ($gloss) {
            Gloss::Matt => self::MATT,
            Gloss::Satin => self::SATIN,
            Gloss::Glow => self::GLOW,
            Gloss::Mirror => 0.0,
        };
    }
}

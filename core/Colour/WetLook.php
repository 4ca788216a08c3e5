<?php

declare(strict_types=1);

namespace KindHeel\Core\Colour;

/** Leather while it is wet: light that would have left is thrown back inside, R/(n²(1 − R) + R) with the index of water (Ångström 1925). It dries back. */
final class WetLook
{
    private const WATER_SQUARED = 1.77;

    public static function of(Spectrum $dry): Spectrum
    {
        return Spectrum::grid(array_map(static fn (float $r): float => $r / (self::WATER_SQUARED * (1.0 - $r) + $r), $dry->onGrid()->values));
    }
}

<?php

declare(strict_types=1);

namespace KindHeel\Core\Colour;

/**
 * What the surface does to light that goes in and comes out (Saunderson 1942), with the specular part excluded: k₁ = 0.04, k₂ = 0.5.
 *
 * Film arithmetic is done with internal reflectance; what a reader or an eye meets is measured reflectance.
 */
final class Saunderson
{
    public const K1 = 0.04;
    public const K2 = 0.5;
    /** (1 − k₁)(1 − k₂) */
    public const THROUGH = 0.48;

    /** @param list<float> $measured
     *  @return list<float> at most 1
     */
    public static function inside(array $measured): array
    {
        return array_map(static fn (float $r): float => min(1.0, $r / (self::THROUGH + self::K2 * $r)), $measured);
    }

    /** @param list<float> $internal
     *  @return list<float>
     */
    public static function measured(array $internal): array
    {
        return array_map(static fn (float $r): float => self::THROUGH * $r / (1.0 - self::K2 * $r), $internal);
    }
}

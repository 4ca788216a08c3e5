<?php

declare(strict_types=1);

namespace KindHeel\Core\Colour;

/** CIE XYZ, Y = 100 for the perfect white under the same light. */
final readonly class Tristimulus
{
    private const LIMIT = (6.0 / 29.0) ** 3;
    private const SLOPE = 3.0 * (6.0 / 29.0) ** 2;

    public function __construct(public float $x, public float $y, public float $z)
    {
    }

    /** CIE 1976 L*a*b* (CIE 015:2018, 8.2.1). */
    public function toLab(self $white): Lab
    {
        $fx = self::f($this->x / $white->x);
        $fy = self::f($this->y / $white->y);
        $fz = self::f($this->z / $white->z);

        return Lab::computed(116.0 * $fy - 16.0, 500.0 * ($fx - $fy), 200.0 * ($fy - $fz));
    }

    public static function ofLab(Lab $lab, self $white): self
    {
        $fy = ($lab->lightness + 16.0) / 116.0;

        return new self($white->x * self::inverse($fy + $lab->a / 500.0), $white->y * self::inverse($fy), $white->z * self::inverse($fy - $lab->b / 200.0));
    }

    /** The slope is joined to the cube root at (6/29)³. */
    public static function f(float $t): float
    {
        return $t > self::LIMIT ? $t ** (1.0 / 3.0) : $t / self::SLOPE + 4.0 / 29.0;
    }

    /** How fast {@see f()} rises at t. */
    public static function slope(float $t): float
    {
        return $t > self::LIMIT ? $t ** (-2.0 / 3.0) / 3.0 : 1.0 / self::SLOPE;
    }

    private static function inverse(float $f): float
    {
        return $f > 6.0 / 29.0 ? $f ** 3 : self::SLOPE * ($f - 4.0 / 29.0);
    }
}

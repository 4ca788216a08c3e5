<?php

declare(strict_types=1);

namespace KindHeel\Core\Quantity;

/** Upwards to what can be counted or read off; a hair above it, left by the arithmetic of floats, does not count. */
final class RoundUp
{
    private const DIGITS_OF_A_FLOAT = 9;

    public static function whole(float $value): int
    {
        return (int) ceil(round($value, self::DIGITS_OF_A_FLOAT));
    }

    public static function tenth(float $value): float
    {
        return self::whole($value * 10.0) / 10.0;
    }
}

<?php

declare(strict_types=1);

namespace KindHeel\Core\Drying;

/** Water vapour over a plane of water, Magnus form of Alduchov and Eskridge (1996), eq. 21. */
final class Humidity
{
    private const HPA_AT_ZERO = 6.1094;
    private const SLOPE = 17.625;
    private const OFFSET_C = 243.04;

    /** Saturation vapour pressure in hPa at °C. */
    public static function saturationHpa(float $tempC): float
    {
        return self::HPA_AT_ZERO * exp(self::SLOPE * $tempC / ($tempC + self::OFFSET_C));
    }

    public static function dewPointC(float $tempC, float $rh): float
    {
        if ($rh <= 0.0) {
            return -273.15;
        }
        $gamma = log($rh) + self::SLOPE * $tempC / (self::OFFSET_C + $tempC);

        return self::OFFSET_C * $gamma / (self::SLOPE - $gamma);
    }
}

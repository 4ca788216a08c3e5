<?php

declare(strict_types=1);

namespace KindHeel\Core\Quantity;

/** Low-tack tape round what is not to be touched, in metres, with a tenth for overlaps and a hand's breadth to tear off by. */
final class Tape
{
    /** A strip as wide as a welt: metres of it in a dm². */
    private const STRIP_M_PER_DM2 = 1.25;
    private const OVERLAP = 1.1;
    private const TEARING_M = 0.1;

    /** Along a welt, a piping, an edge. */
    public static function along(float $areaDm2): float
    {
        return self::OVERLAP * $areaDm2 * self::STRIP_M_PER_DM2 + self::TEARING_M;
    }

    /** Round a panel, taken as a square. */
    public static function round(float $areaDm2): float
    {
        return self::OVERLAP * 4.0 * sqrt($areaDm2) / 10.0 + self::TEARING_M;
    }
}

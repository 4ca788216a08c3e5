<?php

declare(strict_types=1);

namespace KindHeel\Core\Offer;

use Brick\Math\BigDecimal;
use Brick\Math\BigNumber;
use Brick\Math\RoundingMode;

/** Sums in decimal figures: two places, half away from zero. */
final class Money
{
    private const PLACES = 2;

    public static function cents(BigNumber $sum): BigDecimal
    {
        return $sum->toScale(self::PLACES, RoundingMode::HalfUp);
    }

    /** One sum by another, to two places in one step. */
    public static function share(BigDecimal $sum, BigDecimal $of): BigDecimal
    {
        return $sum->dividedBy($of, self::PLACES, RoundingMode::HalfUp);
    }

    public static function nothing(): BigDecimal
    {
        return BigDecimal::zero()->toScale(self::PLACES);
    }

    /**
     * Upwards to a whole multiple of a step; as it is where there is no step.
     */
    public static function up(BigDecimal $sum, BigDecimal $step): BigDecimal
    {
        return $step->isZero() ? $sum : self::cents($step->multipliedBy($sum->dividedBy($step, 0, RoundingMode::Up)));
    }
}

<?php

declare(strict_types=1);

namespace KindHeel\Core\Offer;

use Brick\Math\BigDecimal;

/** Work by hand of one kind. */
final readonly class Labour
{
    private const MINUTES_AN_HOUR = 60;

    /** @param BigDecimal $cv standard deviation of the minutes as a share of them */
    public function __construct(public string $what, public BigDecimal $minutes, public BigDecimal $cv, public BigDecimal $ratePerHour)
    {
    }

    /** @param BigDecimal $scale 1 for the minutes as foreseen */
    public function price(BigDecimal $scale): BigDecimal
    {
        return Money::share($scale->multipliedBy($this->minutes)->multipliedBy($this->ratePerHour), BigDecimal::of(self::MINUTES_AN_HOUR));
    }
}

<?php

declare(strict_types=1);

namespace KindHeel\Core\Offer;

use Brick\Math\BigDecimal;
use Brick\Math\BigRational;

/** What it costs a year to keep a piece, by one's own hands or by the shop's, against wearing it out and buying another (J-9). */
final readonly class CareOfAYear
{
    private const MONTHS = 12;
    private const MINUTES_AN_HOUR = 60;

    private function __construct(public BigDecimal $ownHands, public BigDecimal $shop, public BigDecimal $kept, public BigDecimal $wornOut)
    {
    }

    /**
     * @param int        $intervalMonths  between one care and the next, above 0
     * @param BigDecimal $ownHour         what an hour of the owner's own is worth to them
     * @param BigDecimal $materials       of one care
     * @param BigDecimal $price           of the shop for one care
     * @param BigDecimal $trips           there and back, for one care
     * @param BigDecimal $replacement     of another piece
     * @param int        $yearsCaredFor   that it lasts, above 0
     * @param int        $yearsUncaredFor that it lasts without, above 0
     */
    public static function of(
        int $intervalMonths,
        int $ownMinutes,
        BigDecimal $ownHour,
        BigDecimal $materials,
        BigDecimal $price,
        BigDecimal $trips,
        BigDecimal $replacement,
        int $yearsCaredFor,
        int $yearsUncaredFor,
    ): self {
        $times = BigRational::of(self::MONTHS)->dividedBy($intervalMonths);
        $own = $ownHour->toBigRational()->multipliedBy($ownMinutes)->dividedBy(self::MINUTES_AN_HOUR)->plus($materials);

        return new self(
            Money::cents($own->multipliedBy($times)),
            Money::cents($price->plus($trips)->toBigRational()->multipliedBy($times)),
            Money::cents($replacement->toBigRational()->dividedBy($yearsCaredFor)),
            Money::cents($replacement->toBigRational()->dividedBy($yearsUncaredFor)),
        );
    }
}

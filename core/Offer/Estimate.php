<?php

declare(strict_types=1);

namespace KindHeel\Core\Offer;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;

/** What a piece of work costs, how sure that is, and whether it is worth it. */
final readonly class Estimate
{
    /** Four of five jobs lie within so many standard deviations on either side (normal distribution, 10 % in each tail). */
    private const TAIL = '1.2816';
    /** Far beyond any cent, of what has no end. */
    private const PLACES = 20;

    /**
     * @param BigDecimal      $low                what the owner pays where the minutes go well
     * @param BigDecimal      $high               and where they do not
     * @param BigDecimal|null $shareOfReplacement two places; null where another piece has no price
     */
    private function __construct(
        public Sum $sum,
        public BigDecimal $low,
        public BigDecimal $high,
        public ?BigDecimal $shareOfReplacement,
        public ?Worth $advice,
    ) {
    }

    /**
     * @param list<Labour>    $labour
     * @param list<Material>  $materials
     * @param BigDecimal|null $replacement price of another piece, above 0
     */
    public static function of(array $labour, array $materials, Terms $terms, ?BigDecimal $replacement = null, Meaning $meaning = Meaning::Some): self
    {
        $sum = Sum::of($labour, $materials, $terms, BigDecimal::one());
        [$low, $high] = array_map(
            static fn (BigDecimal $scale): BigDecimal => Sum::of($labour, $materials, $terms, $scale)->gross,
            self::scales($labour, $terms->correlation),
        );
        $share = null === $replacement ? null : Money::share($sum->gross, $replacement);

        return new self($sum, $low, $high, $share, null === $share ? null : Worth::for($share, $meaning));
    }

    /**
     * By what all minutes are scaled at either end: (M ± 1.2816 √variance) ÷ M, where the variance of all is (1 − ρ) Σ σ² + ρ (Σ σ)².
     *
     * @param list<Labour> $labour
     *
     * @return array{BigDecimal, BigDecimal}
     */
    private static function scales(array $labour, BigDecimal $correlation): array
    {
        $minutes = BigDecimal::zero();
        $deviations = BigDecimal::zero();
        $variances = BigDecimal::zero();
        foreach ($labour as $line) {
            $deviation = $line->minutes->multipliedBy($line->cv);
            $minutes = $minutes->plus($line->minutes);
            $deviations = $deviations->plus($deviation);
            $variances = $variances->plus($deviation->power(2));
        }
        if ($minutes->isZero()) {
            return [BigDecimal::one(), BigDecimal::one()];
        }
        $variance = $variances->multipliedBy(BigDecimal::one()->minus($correlation))->plus($deviations->power(2)->multipliedBy($correlation));
        $spread = $variance->sqrt(self::PLACES, RoundingMode::HalfUp)->multipliedBy(self::TAIL);

        return [
            // Work that varies more than it takes is not paid out to the owner.
            BigDecimal::max(BigDecimal::zero(), $minutes->minus($spread))->dividedBy($minutes, self::PLACES, RoundingMode::HalfUp),
            $minutes->plus($spread)->dividedBy($minutes, self::PLACES, RoundingMode::HalfUp),
        ];
    }
}

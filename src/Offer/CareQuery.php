<?php

declare(strict_types=1);

namespace KindHeel\App\Offer;

use Symfony\Component\Validator\Constraints as Assert;

/** How a piece is kept, for what that costs a year; sums in hundredths. */
final readonly class CareQuery
{
    private const MOST_CENTS = 10_000_000;

    public function __construct(
        #[Assert\Range(notInRangeMessage: 'Between one month and five years.', min: 1, max: 60)]
        public int $everyMonths = 9,
        #[Assert\Range(notInRangeMessage: 'From none to ten hours.', min: 0, max: 600)]
        public int $ownMinutes = 25,
        #[Assert\Range(notInRangeMessage: 'A sum is nothing or more.', min: 0, max: self::MOST_CENTS)]
        public int $ownHourCents = 1500,
        #[Assert\Range(notInRangeMessage: 'A sum is nothing or more.', min: 0, max: self::MOST_CENTS)]
        public int $materialCents = 250,
        #[Assert\Range(notInRangeMessage: 'A sum is nothing or more.', min: 0, max: self::MOST_CENTS)]
        public int $shopCents = 4500,
        #[Assert\Range(notInRangeMessage: 'A sum is nothing or more.', min: 0, max: self::MOST_CENTS)]
        public int $tripCents = 600,
        #[Assert\Range(notInRangeMessage: 'A sum is nothing or more.', min: 0, max: self::MOST_CENTS)]
        public int $replaceCents = 20000,
        #[Assert\Range(notInRangeMessage: 'Between one year and a hundred.', min: 1, max: 100)]
        public int $yearsCaredFor = 12,
        #[Assert\Range(notInRangeMessage: 'Between one year and a hundred.', min: 1, max: 100)]
        public int $yearsUncaredFor = 4,
    ) {
    }
}

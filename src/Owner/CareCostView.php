<?php

declare(strict_types=1);

namespace KindHeel\App\Owner;

/** What a year of care takes; sums in hundredths. */
final readonly class CareCostView
{
    public function __construct(
        /** of the owner's own */
        public int $ownMinutes,
        /** null where a price is not known here */
        public ?int $materialCents,
        public int $shopCents,
        public string $currency,
    ) {
    }
}

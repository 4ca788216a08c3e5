<?php

declare(strict_types=1);

namespace KindHeel\App\Offer;

final readonly class MonthView
{
    public function __construct(
        /** “2026-11” */
        public string $month,
        public int $foreseenMinutes,
        public int $realMinutes,
        public int $pieces,
        /** of what was offered and done in it, before tax, in hundredths */
        public int $offeredCents,
        public int $costCents,
        /** promises whose day was in it */
        public int $promised,
        public int $kept,
        /** pieces that came back in it */
        public int $back,
    ) {
    }
}

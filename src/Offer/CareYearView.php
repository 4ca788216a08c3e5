<?php

declare(strict_types=1);

namespace KindHeel\App\Offer;

/** What a year costs, in hundredths: cared for by the owner or by the shop, with the share of another piece that is used up; and not cared for. */
final readonly class CareYearView
{
    public function __construct(
        public int $ownHands,
        public int $shop,
        /** of another piece, a year, while it is cared for */
        public int $kept,
        /** the same while it is not */
        public int $wornOut,
        public string $says,
    ) {
    }
}

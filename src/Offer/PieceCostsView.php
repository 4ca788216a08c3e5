<?php

declare(strict_types=1);

namespace KindHeel\App\Offer;

/** What a piece brought and what it cost, before tax, in hundredths. */
final readonly class PieceCostsView
{
    public function __construct(
        public int $piece,
        public string $name,
        public string $at,
        public int $foreseenMinutes,
        public int $realMinutes,
        public int $offeredCents,
        public int $workCents,
        public int $materialCents,
        public int $marginCents,
    ) {
    }
}

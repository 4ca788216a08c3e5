<?php

declare(strict_types=1);

namespace KindHeel\App\Offer;

/** A usual job with its own price, and what such jobs have earned. */
final readonly class FixedPriceView
{
    public function __construct(
        public int $job,
        public string $name,
        /** empty where it has none */
        public string $price,
        /** how many were done at it */
        public int $done,
        /** what was left an hour of work, materials paid, in hundredths; null where none was done */
        public ?int $earnedAnHour,
    ) {
    }
}

<?php

declare(strict_types=1);

namespace KindHeel\App\Promise;

/** An hour of a working day that may be promised. */
final readonly class HourHoldsView
{
    public function __construct(
        public string $at,
        /** per cent of the weeks in which it would hold */
        public int $holds,
        /** the same, were it taken before everything else; null where that could not be played through */
        public ?int $rushed,
    ) {
    }
}

<?php

declare(strict_types=1);

namespace KindHeel\App\Promise;

use KindHeel\App\Shelf\ShortView;

/** What may be promised for a ticket with all that is on the bench. */
final readonly class PromiseView
{
    /**
     * @param list<PushedView>   $pushed what a rush would push back, broken promises first
     * @param list<string>       $unseen pieces that have to be looked over before anything can be said
     * @param list<ShortView>    $short  what of the shelf would run out, or is too old
     * @param list<string>       $aloud  what is to be said before it is promised: a dear job on a cheap piece
     * @param list<DayHoldsView> $days   the next working days, with how surely each would hold
     */
    public function __construct(
        public int $ticket,
        public string $customer,
        public string $promisedAt,
        /** it has been said to the owner; until then it is only reckoned with */
        public bool $promised,
        public bool $rush,
        /** per cent of the weeks in which the promise as it stands would hold; null when nothing can be said */
        public ?int $holds,
        /** the earliest that holds in nine weeks of ten */
        public ?string $certain,
        /** that holds in every other week */
        public ?string $even,
        /** the earliest that holds in nine weeks of ten, were it taken before everything else */
        public ?string $rushed,
        public array $pushed,
        public array $unseen,
        /** there is so much on the bench that it cannot be played through while somebody waits */
        public bool $tooMuch,
        /** so often it was played through, and so often it is when there is time for it */
        public int $played,
        public int $outOf,
        /** asked for again with more time, it is surer */
        public bool $sharpens,
        public ?MissingHoursView $missing,
        public int $stepsLeft,
        public int $minutesLeft,
        public array $days = [],
        public array $short = [],
        public array $aloud = [],
    ) {
    }
}

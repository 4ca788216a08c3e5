<?php

declare(strict_types=1);

namespace KindHeel\App\Offer;

/** The terms as they hold now, with what of them was set when. Shares are of a hundred. */
final readonly class PriceTermsView
{
    /**
     * @param list<RateView>       $kinds
     * @param list<RateView>       $people
     * @param list<FixedPriceView> $fixed
     * @param list<TermsAgoView>   $history the newest first
     */
    public function __construct(
        public int $seen,
        public string $currency,
        public string $rate,
        public bool $byPerson,
        public array $kinds,
        public array $people,
        public string $markup,
        public string $waste,
        public string $overhead,
        public string $consumables,
        public string $minimum,
        public string $rush,
        public string $tax,
        public string $roundTo,
        public array $fixed,
        public array $history,
    ) {
    }
}

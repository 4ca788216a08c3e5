<?php

declare(strict_types=1);

namespace KindHeel\App\Offer;

use KindHeel\Core\Assessment\Aim;
use KindHeel\Core\Offer\Meaning;

/** What lies before the owner: up to three ways, and leaving it as it is. */
final readonly class OfferView
{
    /**
     * @param list<WayView>        $ways        from the least to the most; empty until they are reckoned
     * @param list<string>         $leave       what becomes of it as it is
     * @param list<SupplementView> $supplements
     */
    public function __construct(
        public int $piece,
        public int $ticket,
        public int $version,
        public string $name,
        public string $customer,
        public Aim $aim,
        public string $currency,
        public ?int $id,
        public ?string $at,
        public ?string $by,
        /** the piece was looked at again since */
        public bool $outdated,
        /** other terms hold by now; this offer keeps its own */
        public bool $otherTerms,
        public ?int $replaceCents,
        public Meaning $meaning,
        public array $ways,
        public array $leave,
        /** which of them was taken; null while nothing is */
        public ?Aim $chosen,
        /** it is left as it is */
        public bool $left,
        public ?string $chosenAt,
        public array $supplements,
    ) {
    }
}

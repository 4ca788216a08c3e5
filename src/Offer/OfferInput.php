<?php

declare(strict_types=1);

namespace KindHeel\App\Offer;

use KindHeel\Core\Offer\Meaning;
use Symfony\Component\Validator\Constraints as Assert;

final readonly class OfferInput
{
    public function __construct(
        public int $version,
        #[Assert\Range(notInRangeMessage: 'A price is nothing or more, and below a million.', min: 0, max: 100_000_000)]
        public ?int $replaceCents = null,
        public Meaning $meaning = Meaning::Some,
    ) {
    }
}

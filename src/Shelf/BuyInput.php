<?php

declare(strict_types=1);

namespace KindHeel\App\Shelf;

use Symfony\Component\Validator\Constraints as Assert;

/** Packs that came in. */
final readonly class BuyInput
{
    public function __construct(
        #[Assert\Range(notInRangeMessage: 'Between one pack and a hundred.', min: 1, max: 100)]
        public int $packs = 1,
        /** what one holds; null: as usual */
        #[Assert\GreaterThan(0, message: 'A pack holds more than nothing.')]
        #[Assert\LessThanOrEqual(1_000_000, message: 'No pack is that large.')]
        public ?float $amount = null,
        #[Assert\Range(notInRangeMessage: 'A price is nothing or more, and below a million.', min: 0, max: 100_000_000)]
        public ?int $cents = null,
        #[Assert\Length(max: 60, maxMessage: 'A place of {{ limit }} letters is enough.')]
        public string $place = '',
        #[Assert\Length(max: 40, maxMessage: 'A number of {{ limit }} signs is enough.')]
        public string $batch = '',
    ) {
    }
}

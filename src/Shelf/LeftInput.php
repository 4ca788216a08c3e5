<?php

declare(strict_types=1);

namespace KindHeel\App\Shelf;

use Symfony\Component\Validator\Constraints as Assert;

/** What is left in a lot: weighed with its pack, or estimated. One of the two. */
final readonly class LeftInput
{
    public function __construct(
        #[Assert\Range(notInRangeMessage: 'It weighs from nothing to 100 kg.', min: 0, max: 100_000)]
        public ?float $grossG = null,
        #[Assert\Range(notInRangeMessage: 'From nothing to a million is left.', min: 0, max: 1_000_000)]
        public ?float $left = null,
        /** of the empty pack, where it is not known yet */
        #[Assert\Range(notInRangeMessage: 'An empty pack weighs from nothing to 100 kg.', min: 0, max: 100_000)]
        public ?float $emptyG = null,
    ) {
    }
}

<?php

declare(strict_types=1);

namespace KindHeel\App\Colour;

use Symfony\Component\Validator\Constraints as Assert;

/** How much a pot is to come to, or its jar to hold. */
final readonly class AmountInput
{
    public function __construct(
        public int $version,
        #[Assert\Range(min: 0.1, max: 10000, notInRangeMessage: 'Between 0.1 and 10 000 ml.')]
        public float $ml,
    ) {
    }
}

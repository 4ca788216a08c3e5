<?php

declare(strict_types=1);

namespace KindHeel\App\Colour;

use Symfony\Component\Validator\Constraints as Assert;

/** Another pot, or a share of what is left of it, is poured into this one. */
final readonly class PourInput
{
    public function __construct(
        public int $version,
        public int $from,
        #[Assert\Range(min: 0.01, max: 1, notInRangeMessage: 'Between a hundredth and all of it.')]
        public float $share = 1.0,
    ) {
    }
}

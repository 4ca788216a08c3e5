<?php

declare(strict_types=1);

namespace KindHeel\App\Colour;

use Symfony\Component\Validator\Constraints as Assert;

final readonly class MeasureDropsInput
{
    public function __construct(
        public int $version,
        #[Assert\Range(min: 0.1, max: 10, notInRangeMessage: 'Twenty drops are between 0.1 and 10 ml.')]
        public float $mlOfTwenty,
    ) {
    }
}

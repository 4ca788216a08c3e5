<?php

declare(strict_types=1);

namespace KindHeel\App\Colour;

use Symfony\Component\Validator\Constraints as Assert;

/** Drops need no version: one more is one more, whatever else has been done to the pot meanwhile. */
final readonly class DropsInput
{
    public function __construct(
        public string $code,
        #[Assert\Range(min: -100, max: 100, notInRangeMessage: 'No more than a hundred drops at a time.')]
        public int $drops,
    ) {
    }
}

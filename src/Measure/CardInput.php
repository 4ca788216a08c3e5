<?php

declare(strict_types=1);

namespace KindHeel\App\Measure;

use Symfony\Component\Validator\Constraints as Assert;

/** The card that is laid beside what is measured, and what was thought of it before. */
final readonly class CardInput
{
    private const WRONG = 'A card measures between 20 and 500 mm.';

    public function __construct(
        #[Assert\Range(min: 20, max: 500, notInRangeMessage: self::WRONG)]
        public float $longMm,
        #[Assert\Range(min: 20, max: 500, notInRangeMessage: self::WRONG)]
        public float $shortMm,
        public float $wasLongMm,
        public float $wasShortMm,
    ) {
    }
}

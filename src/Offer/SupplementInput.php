<?php

declare(strict_types=1);

namespace KindHeel\App\Offer;

use Symfony\Component\Validator\Constraints as Assert;

final readonly class SupplementInput
{
    public function __construct(
        #[Assert\NotBlank(message: 'What was found?', normalizer: 'trim')]
        #[Assert\Length(max: 300, maxMessage: 'Say it in {{ limit }} letters.')]
        public string $what,
        #[Assert\Range(notInRangeMessage: 'Between one minute and forty hours.', min: 1, max: 2400)]
        public int $minutes,
        /** at cost, in hundredths */
        #[Assert\Range(notInRangeMessage: 'Materials cost nothing or more, and below ten thousand.', min: 0, max: 1_000_000)]
        public int $materialCents = 0,
        #[Assert\DateTime(format: 'Y-m-d', message: 'That is no day.')]
        public ?string $readyOn = null,
    ) {
    }
}

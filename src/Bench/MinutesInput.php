<?php

declare(strict_types=1);

namespace KindHeel\App\Bench;

use Symfony\Component\Validator\Constraints as Assert;

/** How long a step really took, once it is done; `why` where somebody else worked it. */
final readonly class MinutesInput
{
    public function __construct(
        public int $version,
        #[Assert\Range(notInRangeMessage: 'Between one minute and twelve hours.', min: 1, max: 720)]
        public int $minutes,
        #[Assert\Length(max: 300, maxMessage: 'A word why, not more than {{ limit }} letters.')]
        public ?string $why = null,
    ) {
    }
}

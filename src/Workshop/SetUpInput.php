<?php

declare(strict_types=1);

namespace KindHeel\App\Workshop;

use Symfony\Component\Validator\Constraints as Assert;

/** Minutes that going from piece to piece takes, and more where somebody else goes on with it. */
final readonly class SetUpInput
{
    public function __construct(
        #[Assert\Range(min: 0, max: 60, notInRangeMessage: 'Between none and sixty minutes.')]
        public int $switchMinutes,
        #[Assert\Range(min: 0, max: 60, notInRangeMessage: 'Between none and sixty minutes.')]
        public int $handoverMinutes,
        /** of the settings as they were seen */
        public string $version,
    ) {
    }
}

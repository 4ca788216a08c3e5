<?php

declare(strict_types=1);

namespace KindHeel\App\Workshop;

use Symfony\Component\Validator\Constraints as Assert;

final readonly class DayHoursInput
{
    /** @param list<ShiftInput> $shifts */
    public function __construct(
        #[Assert\Range(min: 1, max: 7, notInRangeMessage: 'A week has seven days.')]
        public int $day,
        #[Assert\Count(max: 4, maxMessage: 'Four shifts a day at most.')]
        public array $shifts,
    ) {
    }
}

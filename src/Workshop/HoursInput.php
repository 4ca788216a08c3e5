<?php

declare(strict_types=1);

namespace KindHeel\App\Workshop;

use KindHeel\Core\Product\Phase;
use Symfony\Component\Validator\Constraints as Assert;

/** The usual week of a person, and what they do. */
final readonly class HoursInput
{
    /**
     * @param list<DayHoursInput> $week
     * @param list<Phase>         $skills none for all
     */
    public function __construct(
        #[Assert\Valid]
        #[Assert\Count(max: 7, maxMessage: 'A week has seven days.')]
        public array $week,
        /** of the settings as they were seen */
        public string $version,
        public array $skills = [],
    ) {
    }
}

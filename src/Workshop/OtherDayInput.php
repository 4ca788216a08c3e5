<?php

declare(strict_types=1);

namespace KindHeel\App\Workshop;

use Symfony\Component\Validator\Constraints as Assert;

/** A day with other hours than usual. */
final readonly class OtherDayInput
{
    /** @param list<ShiftInput> $shifts none for a day off */
    public function __construct(
        #[Assert\Date(message: 'Which day?')]
        public string $day,
        /** null for the whole workshop */
        public ?int $person = null,
        #[Assert\Count(max: 4, maxMessage: 'Four shifts a day at most.')]
        public array $shifts = [],
        #[Assert\Length(max: 120, maxMessage: 'A word why, not more than {{ limit }} letters.')]
        public string $why = '',
    ) {
    }
}

<?php

declare(strict_types=1);

namespace KindHeel\App\Bench;

use Symfony\Component\Validator\Constraints as Assert;

/** What the hands say of a step; `why` goes on against a refusal. */
final readonly class StepInput
{
    public function __construct(
        public int $version,
        #[Assert\Length(max: 300, maxMessage: 'A word why, not more than {{ limit }} letters.')]
        public ?string $why = null,
        /** when it was done, where the workshop’s computer was out of reach then */
        #[Assert\DateTime(format: \DATE_RFC3339, message: 'That is no time.')]
        public ?string $at = null,
        /** how long it really took, where it was forgotten to end it */
        #[Assert\Range(notInRangeMessage: 'Between one minute and twelve hours.', min: 1, max: 720)]
        public ?int $minutes = null,
        /** what was taken from the pack, where it was not what the plan says */
        #[Assert\Range(notInRangeMessage: 'From nothing to ten litres.', min: 0, max: 10_000)]
        public ?float $amount = null,
        /** the pack it was taken from, where it was not the oldest open one */
        public ?int $lot = null,
    ) {
    }
}

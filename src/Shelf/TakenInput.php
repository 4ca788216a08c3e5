<?php

declare(strict_types=1);

namespace KindHeel\App\Shelf;

use Symfony\Component\Validator\Constraints as Assert;

/** What was really taken: for a step, where it was not as booked; or by hand, from one lot. */
final readonly class TakenInput
{
    public function __construct(
        #[Assert\Range(notInRangeMessage: 'From nothing to ten litres.', min: 0, max: 10_000)]
        public float $amount,
        public ?int $lot = null,
        #[Assert\Length(max: 200, maxMessage: 'Say it in {{ limit }} letters.')]
        public string $note = '',
    ) {
    }
}

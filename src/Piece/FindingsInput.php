<?php

declare(strict_types=1);

namespace KindHeel\App\Piece;

use KindHeel\App\Job\PlaceInput;
use Symfony\Component\Validator\Constraints as Assert;

/** What is wrong, one thing or several, on one part or on several at once. */
final readonly class FindingsInput
{
    /**
     * @param list<PlaceInput>   $places
     * @param list<FindingInput> $findings
     */
    public function __construct(
        public int $version,
        #[Assert\Count(min: 1, max: 80, minMessage: 'Say where it is.', maxMessage: 'That is more places than a piece has.')]
        #[Assert\Valid]
        public array $places,
        #[Assert\Count(min: 1, max: 12, minMessage: 'Say what is wrong.', maxMessage: 'A dozen at once at most.')]
        #[Assert\Valid]
        public array $findings,
    ) {
    }
}

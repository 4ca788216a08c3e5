<?php

declare(strict_types=1);

namespace KindHeel\App\Piece;

use KindHeel\App\Job\PlaceInput;
use Symfony\Component\Validator\Constraints as Assert;

/** Parts that a piece has beside others of its cut, or has not. */
final readonly class HasInput
{
    /** @param list<PlaceInput> $places */
    public function __construct(
        public int $version,
        #[Assert\Count(min: 1, max: 60, minMessage: 'Which part is it about?', maxMessage: 'A piece has no so many parts.')]
        #[Assert\Valid]
        public array $places,
        public bool $has,
    ) {
    }
}

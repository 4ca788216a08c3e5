<?php

declare(strict_types=1);

namespace KindHeel\App\Piece;

use KindHeel\App\Job\PlaceInput;
use Symfony\Component\Validator\Constraints as Assert;

/** Some parts go another way than the piece; null brings them back to it. */
final readonly class PartAgreementInput
{
    /** @param list<PlaceInput> $places */
    public function __construct(
        public int $version,
        #[Assert\Count(min: 1, max: 60, minMessage: 'Which part is it about?', maxMessage: 'A piece has no so many parts.')]
        #[Assert\Valid]
        public array $places,
        #[Assert\Valid]
        public ?AgreedInput $agreed = null,
    ) {
    }
}

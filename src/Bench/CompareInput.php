<?php

declare(strict_types=1);

namespace KindHeel\App\Bench;

use KindHeel\Core\Material\Outcome;
use KindHeel\Core\Product\FamilyId;
use Symfony\Component\Validator\Constraints as Assert;

/** The halves compared: the same for the other, another way because a product did something, or no further. */
final readonly class CompareInput
{
    public function __construct(
        public int $version,
        /** same, otherwise or stop */
        public CompareAnswer $answer,
        /** what did it, where the other half goes another way */
        public ?FamilyId $product = null,
        /** what it did */
        public ?Outcome $outcome = null,
        #[Assert\Length(max: 300, maxMessage: 'A word why, not more than {{ limit }} letters.')]
        public ?string $why = null,
        /** when they were compared, where the workshop’s computer was out of reach then */
        #[Assert\DateTime(format: \DATE_RFC3339, message: 'That is no time.')]
        public ?string $at = null,
    ) {
    }
}

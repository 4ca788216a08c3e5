<?php

declare(strict_types=1);

namespace KindHeel\App\Counter;

use Symfony\Component\Validator\Constraints as Assert;

/** What was written down wrongly when something came in. */
final readonly class CorrectInput
{
    /** @param list<CorrectPieceInput> $pieces those of which something changes */
    public function __construct(
        #[Assert\NotBlank(message: 'Whose is it?', normalizer: 'trim')]
        #[Assert\Length(max: 120, maxMessage: 'A name of {{ limit }} letters is enough.')]
        public string $customer,
        /** of the ticket as it was seen */
        public string $seen,
        #[Assert\Length(max: 160, maxMessage: 'Keep this under {{ limit }} letters.')]
        public string $contact = '',
        #[Assert\Length(max: 1000, maxMessage: 'Keep this under {{ limit }} letters.')]
        public string $wish = '',
        #[Assert\Count(max: 12, maxMessage: 'A dozen pieces a ticket at most.')]
        #[Assert\Valid]
        public array $pieces = [],
    ) {
    }
}

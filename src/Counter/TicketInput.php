<?php

declare(strict_types=1);

namespace KindHeel\App\Counter;

use Symfony\Component\Validator\Constraints as Assert;

/** What the counter writes down when a piece comes in. */
final readonly class TicketInput
{
    public const PIECES = 12;

    /** @param list<PieceInput> $pieces */
    public function __construct(
        #[Assert\NotBlank(message: 'Whose is it?', normalizer: 'trim')]
        #[Assert\Length(max: 120, maxMessage: 'A name of {{ limit }} letters is enough.')]
        public string $customer,
        #[Assert\Count(min: 1, max: self::PIECES, minMessage: 'A ticket has at least one piece.', maxMessage: 'A dozen pieces a ticket at most.')]
        #[Assert\Valid]
        public array $pieces,
        #[Assert\Length(max: 160, maxMessage: 'Keep this under {{ limit }} letters.')]
        public string $contact = '',
        #[Assert\Length(max: 1000, maxMessage: 'Keep this under {{ limit }} letters.')]
        public string $wish = '',
        /** empty until there is a plan: then the day that holds is offered */
        public string $promisedAt = '',
    ) {
    }
}

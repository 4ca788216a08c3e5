<?php

declare(strict_types=1);

namespace KindHeel\App\Intake;

use KindHeel\App\Counter\TicketInput;
use Symfony\Component\Validator\Constraints as Assert;

/** A ticket, and what is known of each of its pieces, in their order. */
final readonly class IntakeInput
{
    /** @param list<WithPieceInput> $with */
    public function __construct(
        #[Assert\Valid]
        public TicketInput $ticket,
        #[Assert\Valid]
        public array $with = [],
    ) {
    }
}

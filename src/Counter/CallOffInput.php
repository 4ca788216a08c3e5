<?php

declare(strict_types=1);

namespace KindHeel\App\Counter;

use KindHeel\App\Job\CalledOff;
use Symfony\Component\Validator\Constraints as Assert;

/** Pieces of a ticket, or all of them, that are not worked on after all. */
final readonly class CallOffInput
{
    /** @param list<int> $pieces ids */
    public function __construct(
        #[Assert\Count(min: 1, max: TicketInput::PIECES, minMessage: 'Tick what is called off.', maxMessage: 'A dozen pieces a ticket at most.')]
        #[Assert\All([new Assert\Range(min: 1, max: 999_999_999)])]
        public array $pieces,
        /** what became of them */
        public CalledOff $what,
        #[Assert\NotBlank(message: 'Say why, for who asks later.', normalizer: 'trim')]
        #[Assert\Length(max: 200, maxMessage: 'A shorter reason will do.')]
        public string $why,
    ) {
    }
}

<?php

declare(strict_types=1);

namespace KindHeel\App\Counter;

use KindHeel\App\Job\PieceProgress;
use Symfony\Component\Validator\Constraints as Assert;

/** What is looked for at the counter. */
final readonly class TicketQuery
{
    public function __construct(
        /** words that all have to be found: in the owner, how to reach them, the wish, the name, the tag or the kind */
        #[Assert\Length(max: 200, maxMessage: 'That is more than anybody can have said.')]
        public string $find = '',
        public ?PieceProgress $state = null,
        /** promised by the end of the day after so many days, and still here; below 0 for what is overdue */
        #[Assert\Range(min: -1, max: 366)]
        public ?int $due = null,
        #[Assert\Range(min: 0, max: 100000)]
        public int $page = 0,
    ) {
    }
}

<?php

declare(strict_types=1);

namespace KindHeel\App\Message;

use Symfony\Component\Validator\Constraints as Assert;

/** That something is ready, or will be late and why. */
final readonly class TicketMessageInput
{
    public function __construct(
        public Occasion $occasion,
        #[Assert\Length(max: 300, maxMessage: 'Keep this under {{ limit }} letters.')]
        public string $why = '',
    ) {
    }
}

<?php

declare(strict_types=1);

namespace KindHeel\App\Counter;

/** Every ticket that is open, the one promised soonest first, then the lately finished. */
final readonly class TicketsView
{
    /** @param list<TicketView> $tickets */
    public function __construct(public array $tickets, public string $now)
    {
    }
}

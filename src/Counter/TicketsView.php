<?php

declare(strict_types=1);

namespace KindHeel\App\Counter;

/** A page of tickets: those that are open, the one promised soonest first, then the lately finished. */
final readonly class TicketsView
{
    /**
     * @param list<TicketView> $tickets
     * @param bool             $more    there is another page
     * @param int              $waiting pieces that have stood on the ready shelf for longer than the workshop has set
     */
    public function __construct(public array $tickets, public string $now, public bool $more, public int $waiting)
    {
    }
}

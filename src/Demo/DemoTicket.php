<?php

declare(strict_types=1);

namespace KindHeel\App\Demo;

/** A made-up ticket: taken in so many days and hours before now, promised for so many days after it. */
final readonly class DemoTicket
{
    /** @param list<DemoPiece> $pieces */
    public function __construct(
        public string $customer,
        public string $contact,
        public string $wish,
        public float $daysAgo,
        public float $daysAhead,
        public array $pieces,
    ) {
    }
}

<?php

declare(strict_types=1);

namespace KindHeel\App\Counter;

final readonly class TicketView
{
    /** @param list<PieceRowView> $pieces */
    public function __construct(
        public int $id,
        public string $customer,
        public string $contact,
        public string $wish,
        public string $promisedAt,
        /** it has been said to the owner; until then it is only reckoned with */
        public bool $promised,
        public string $openedAt,
        /** when the owner was last told that something is ready */
        public ?string $toldAt,
        /** days for which the first of it has been ready, where that is longer than the workshop has set */
        public ?int $waits,
        /** for who corrects it */
        public string $seen,
        public array $pieces,
    ) {
    }
}

<?php

declare(strict_types=1);

namespace KindHeel\App\Bench;

/** A piece that will not be done by its promise as things stand. */
final readonly class LateView
{
    public function __construct(
        public int $piece,
        public int $ticket,
        public string $name,
        public string $customer,
        public string $promisedAt,
        /** when it would be done; null when there are no hours for it */
        public ?string $endsAt,
    ) {
    }
}

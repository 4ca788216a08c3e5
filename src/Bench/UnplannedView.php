<?php

declare(strict_types=1);

namespace KindHeel\App\Bench;

/** A piece that was taken in and that nobody has planned yet. */
final readonly class UnplannedView
{
    public function __construct(
        public int $piece,
        public string $name,
        public string $customer,
        public string $promisedAt,
        /** it has been said to the owner; until then it is only reckoned with */
        public bool $promised,
    ) {
    }
}

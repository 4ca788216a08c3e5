<?php

declare(strict_types=1);

namespace KindHeel\App\Owner;

/** An owner in the list. */
final readonly class OwnerRowView
{
    public function __construct(
        public int $id,
        public string $name,
        public string $contact,
        public int $pieces,
        /** of these, how many are here */
        public int $here,
        public string $lastAt,
    ) {
    }
}

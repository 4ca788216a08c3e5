<?php

declare(strict_types=1);

namespace KindHeel\App\Message;

/** What is kept here for its owner, such as over the summer. */
final readonly class KeptHereView
{
    public function __construct(
        public int $passport,
        public string $piece,
        public int $owner,
        public string $ownerName,
        public string $where,
        public ?string $until,
        /** it should have been collected */
        public bool $over,
    ) {
    }
}

<?php

declare(strict_types=1);

namespace KindHeel\App\OldList;

/** A row of which there is something to be said. */
final readonly class OldListRowView
{
    public function __construct(
        /** of the file, the heads being the first */
        public int $line,
        public string $name,
        public string $says,
        /** it is not taken in; otherwise it is, as it says */
        public bool $isFaulty,
    ) {
    }
}

<?php

declare(strict_types=1);

namespace KindHeel\App\Promise;

/** From when on hours are missing for a ticket. */
final readonly class MissingHoursView
{
    /** @param list<string> $why sentences: what stands in the way of the first that finds no place */
    public function __construct(
        /** nobody's hours are known after that; null where nobody's are */
        public ?string $from,
        /** that find no place before it; none where they only do not in too many of the weeks */
        public int $steps,
        public int $minutes,
        public array $why,
    ) {
    }
}

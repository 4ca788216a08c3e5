<?php

declare(strict_types=1);

namespace KindHeel\App\Piece;

final readonly class TrialView
{
    /** @param list<string> $speaksFor further places, as half/part */
    public function __construct(
        public int $id,
        public string $half,
        public string $part,
        public array $speaksFor,
        public string $trial,
        public string $outcome,
        public ?string $product,
        /** #rrggbb of the hidden place before, and dry after */
        public ?string $before,
        public ?string $after,
        public string $at,
        public string $by,
    ) {
    }
}

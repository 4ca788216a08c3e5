<?php

declare(strict_types=1);

namespace KindHeel\App\Piece;

use KindHeel\Core\Anatomy\Half;
use KindHeel\Core\Anatomy\PartName;
use KindHeel\Core\Material\Outcome;
use KindHeel\Core\Material\Trial;
use KindHeel\Core\Product\FamilyId;

final readonly class TrialView
{
    /** @param list<string> $speaksFor further places, as half/part */
    public function __construct(
        public int $id,
        public Half $half,
        public PartName $part,
        public array $speaksFor,
        public Trial $trial,
        public Outcome $outcome,
        public ?FamilyId $product,
        /** #rrggbb of the hidden place before, and dry after */
        public ?string $before,
        public ?string $after,
        public string $at,
        public string $by,
    ) {
    }
}

<?php

declare(strict_types=1);

namespace KindHeel\App\Words;

use KindHeel\Core\Anatomy\PartName;
use KindHeel\Core\Finding\FindingGroup;
use KindHeel\Core\Finding\FindingKind;
use KindHeel\Core\Material\Material;

final readonly class FindingWordView
{
    /**
     * @param list<Material> $usualOn materials on which it is looked for first
     * @param list<PartName> $parts   parts that it can be on at all
     */
    public function __construct(
        public FindingKind $id,
        public string $label,
        public FindingGroup $group,
        public bool $hasSize,
        public bool $hasDepth,
        public array $usualOn,
        public array $parts,
    ) {
    }
}

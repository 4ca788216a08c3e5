<?php

declare(strict_types=1);

namespace KindHeel\App\Piece;

use KindHeel\Core\Anatomy\Half;
use KindHeel\Core\Anatomy\PartName;
use KindHeel\Core\Finding\FindingGroup;
use KindHeel\Core\Finding\FindingKind;

final readonly class FindingView
{
    public function __construct(
        public int $id,
        public Half $half,
        public PartName $part,
        public FindingKind $kind,
        public string $label,
        public FindingGroup $group,
        public int $severity,
        public ?float $lengthMm,
        public ?float $widthMm,
        public ?float $depthMm,
        public ?float $share,
    ) {
    }
}

<?php

declare(strict_types=1);

namespace KindHeel\App\Piece;

final readonly class FindingView
{
    public function __construct(
        public int $id,
        public string $half,
        public string $part,
        public string $kind,
        public string $label,
        public string $group,
        public int $severity,
        public ?float $lengthMm,
        public ?float $widthMm,
        public ?float $depthMm,
        public ?float $share,
    ) {
    }
}

<?php

declare(strict_types=1);

namespace KindHeel\App\Piece;

final readonly class PartView
{
    /** @param list<string> $flags */
    public function __construct(
        public string $half,
        public string $part,
        public string $material,
        public string $certainty,
        public string $dryness,
        public string $shade,
        public string $hex,
        public array $flags,
    ) {
    }
}

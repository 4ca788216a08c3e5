<?php

declare(strict_types=1);

namespace KindHeel\App\Colour;

use KindHeel\Core\Anatomy\Half;
use KindHeel\Core\Anatomy\PartName;
use KindHeel\Core\Colour\Gloss;

final readonly class ReadingView
{
    /**
     * @param list<string> $leftOut colours of the measurements that lay apart
     * @param float        $doubt   ΔE00 that it may be off
     */
    public function __construct(
        public int $id,
        public Half $half,
        public PartName $part,
        public string $partLabel,
        public ReadSpot $spot,
        public string $spotLabel,
        public string $whereabouts,
        public Gloss $gloss,
        public ReadingSource $source,
        public string $sourceLabel,
        public SeenView $seen,
        public float $doubt,
        public int $taken,
        public array $leftOut,
        public bool $measured,
        public string $at,
        public string $by,
    ) {
    }
}

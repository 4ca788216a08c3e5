<?php

declare(strict_types=1);

namespace KindHeel\App\Colour;

final readonly class ReadingView
{
    /**
     * @param list<string> $leftOut colours of the measurements that lay apart
     * @param float        $doubt   ΔE00 that it may be off
     */
    public function __construct(
        public int $id,
        public string $half,
        public string $part,
        public string $partLabel,
        public string $spot,
        public string $spotLabel,
        public string $whereabouts,
        public string $gloss,
        public string $source,
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

<?php

declare(strict_types=1);

namespace KindHeel\App\Piece;

final readonly class PartView
{
    /**
     * @param list<string>   $flags
     * @param list<OddsView> $odds           the likeliest materials by the trials so far; empty when nobody asks
     * @param list<string>   $contradictions between trials, as sentences
     */
    public function __construct(
        public string $half,
        public string $part,
        public string $material,
        public string $certainty,
        public string $dryness,
        public string $shade,
        public string $hex,
        public array $flags,
        public ?float $areaDm2,
        public ?AgreedView $agreed,
        public bool $off,
        /** the restorer has said so, whatever trials say */
        public bool $overruled,
        public array $odds,
        public ?string $nextTrial,
        public array $contradictions,
    ) {
    }
}

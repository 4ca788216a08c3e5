<?php

declare(strict_types=1);

namespace KindHeel\App\Piece;

use KindHeel\Core\Anatomy\Half;
use KindHeel\Core\Anatomy\PartName;
use KindHeel\Core\Assessment\Flag;
use KindHeel\Core\Assessment\Wish;
use KindHeel\Core\Colour\Shade;
use KindHeel\Core\Material\Certainty;
use KindHeel\Core\Material\Dryness;
use KindHeel\Core\Material\Material;
use KindHeel\Core\Material\Trial;

final readonly class PartView
{
    /**
     * @param list<Flag>     $flags
     * @param list<Wish>     $wishes         of the owner, beside aim, shine and patina
     * @param list<Wish>     $mayWish        what can be wished of such a part
     * @param list<OddsView> $odds           the likeliest materials by the trials so far; empty when nobody asks
     * @param list<string>   $contradictions between trials, as sentences
     */
    public function __construct(
        public Half $half,
        public PartName $part,
        public Material $material,
        public Certainty $certainty,
        public Dryness $dryness,
        public Shade $shade,
        public string $hex,
        public array $flags,
        public array $wishes,
        public array $mayWish,
        public ?float $areaDm2,
        public ?AgreedView $agreed,
        public bool $off,
        /** the restorer has said so, whatever trials say */
        public bool $overruled,
        public array $odds,
        public ?Trial $nextTrial,
        public array $contradictions,
    ) {
    }
}

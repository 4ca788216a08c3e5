<?php

declare(strict_types=1);

namespace KindHeel\App\Demo;

use KindHeel\Core\Anatomy\Kind;
use KindHeel\Core\Assessment\Aim;
use KindHeel\Core\Colour\Gloss;
use KindHeel\Core\Colour\Shade;
use KindHeel\Core\Material\Certainty;
use KindHeel\Core\Material\Dryness;
use KindHeel\Core\Material\Material;

/** A made-up piece: how it comes in and what is wrong with it. */
final readonly class DemoPiece
{
    /**
     * @param list<array{string, string, string, int, 4?: float, 5?: float}> $findings half, part, kind, severity, length and width in mm
     * @param list<string>                                                   $thirsty  parts, on both halves
     * @param array<string, Shade>                                           $second   parts in another shade
     * @param array<string, Material>                                        $made     parts of another material
     * @param list<array{string, string}>                                    $trials   trial and outcome, speaking for all of the outside
     */
    public function __construct(
        public string $name,
        public Kind $kind,
        public ?float $sizeEu,
        public Aim $aim,
        public Gloss $gloss,
        public Shade $shade,
        public Material $material,
        public Certainty $certainty = Certainty::Known,
        public array $findings = [],
        public array $thirsty = [],
        public Dryness $dryness = Dryness::Thirsty,
        public array $second = [],
        public Shade $edge = Shade::Espresso,
        public bool $lookedOver = true,
        public bool $planned = true,
        public ?float $lengthMm = null,
        public array $made = [],
        public array $trials = [],
        public bool $pictures = false,
        public ?string $signedBy = null,
    ) {
    }
}

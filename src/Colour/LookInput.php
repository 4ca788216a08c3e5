<?php

declare(strict_types=1);

namespace KindHeel\App\Colour;

use KindHeel\Core\Anatomy\Half;
use KindHeel\Core\Anatomy\PartName;

/** What is under the reader; only the simulated one needs to be told. */
final readonly class LookInput
{
    public function __construct(
        public string $what,
        public ?int $piece = null,
        public ?Half $half = null,
        public ?PartName $part = null,
        public ReadSpot $spot = ReadSpot::Sound,
        public ?int $pot = null,
        public ?int $swatch = null,
        public ?string $card = null,
        public ?int $product = null,
        public ?float $dryUm = null,
        public ?int $thinner = null,
        public ?int $coats = null,
        public ?string $applicator = null,
    ) {
    }
}

<?php

declare(strict_types=1);

namespace KindHeel\App\Colour;

use KindHeel\Core\Anatomy\Half;
use KindHeel\Core\Anatomy\PartName;
use Symfony\Component\Validator\Constraints as Assert;

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
        #[Assert\Range(min: 1, max: 1000, notInRangeMessage: 'The dry film is between 1 and 1000 µm.')]
        public ?float $dryUm = null,
        #[Assert\Range(min: 0, max: 20, notInRangeMessage: 'Between none and twenty parts.')]
        public ?int $thinner = null,
        #[Assert\Range(min: 1, max: 20, notInRangeMessage: 'Between 1 and 20 coats.')]
        public ?int $coats = null,
        public ?string $applicator = null,
    ) {
    }
}

<?php

declare(strict_types=1);

namespace KindHeel\App\Colour;

use KindHeel\Core\Anatomy\Half;
use KindHeel\Core\Anatomy\PartName;
use Symfony\Component\Validator\Constraints as Assert;

final readonly class LayInput
{
    public function __construct(
        public int $version,
        #[Assert\Range(min: 1, max: 20, notInRangeMessage: 'Between 1 and 20 coats.')]
        public int $coats,
        public ReadSpot $spot = ReadSpot::Damage,
        public ?Half $half = null,
        public ?PartName $part = null,
    ) {
    }
}

<?php

declare(strict_types=1);

namespace KindHeel\App\Colour;

use Symfony\Component\Validator\Constraints as Assert;

final readonly class WashInput
{
    public function __construct(
        public string $dye,
        public int $thinner,
        #[Assert\Range(min: 1, max: 4, notInRangeMessage: 'Between one and four coats.')]
        public int $coats,
    ) {
    }
}

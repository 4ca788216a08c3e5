<?php

declare(strict_types=1);

namespace KindHeel\App\Colour;

use Symfony\Component\Validator\Constraints as Assert;

final readonly class KeepInput
{
    public function __construct(
        public int $version,
        #[Assert\Range(min: 0, max: 5000, notInRangeMessage: 'Between 0 and 5000 ml.')]
        public float $ml,
        #[Assert\Length(max: 120, maxMessage: 'Keep it under 120 letters.')]
        public string $where = '',
    ) {
    }
}

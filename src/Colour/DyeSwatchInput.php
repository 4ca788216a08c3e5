<?php

declare(strict_types=1);

namespace KindHeel\App\Colour;

use KindHeel\Core\Product\Applicator;
use Symfony\Component\Validator\Constraints as Assert;

final readonly class DyeSwatchInput
{
    /**
     * @param list<float> $leather bare, 31 bands
     * @param list<float> $dyed    dry
     */
    public function __construct(
        public int $dye,
        public int $thinner,
        #[Assert\Range(min: 1, max: 10, notInRangeMessage: 'Between 1 and 10 coats.')]
        public int $coats,
        public Applicator $applicator,
        public array $leather,
        public array $dyed,
    ) {
    }
}

<?php

declare(strict_types=1);

namespace KindHeel\App\Colour;

use KindHeel\App\Job\PlaceInput;
use KindHeel\Core\Colour\Gloss;
use KindHeel\Core\Product\Applicator;
use Symfony\Component\Validator\Constraints as Assert;

final readonly class PotInput
{
    /**
     * @param list<PlaceInput> $places  that it is for; the target's own where none are named
     * @param bool             $planned as large as the coats that the plan lays there
     */
    public function __construct(
        #[Assert\NotBlank(message: 'Give the pot a name.'), Assert\Length(max: 120, maxMessage: 'Keep the name under 120 letters.')]
        public string $name,
        public int $target,
        public ?int $ground = null,
        public Gloss $finish = Gloss::Satin,
        public Applicator $applicator = Applicator::Sponge,
        #[Assert\Range(min: 1, max: 20, notInRangeMessage: 'Between 1 and 20 coats.')]
        public int $coats = 2,
        #[Assert\Range(min: 0.01, max: 500, notInRangeMessage: 'Between 0.01 and 500 dm².')]
        public float $areaDm2 = 0.2,
        #[Assert\Count(max: 60, maxMessage: 'No more than 60 places.')]
        public array $places = [],
        public bool $planned = false,
    ) {
    }
}

<?php

declare(strict_types=1);

namespace KindHeel\App\Piece;

use KindHeel\App\Job\PlaceInput;
use KindHeel\Core\Assessment\Flag;
use KindHeel\Core\Assessment\Wish;
use KindHeel\Core\Colour\Shade;
use KindHeel\Core\Material\Certainty;
use KindHeel\Core\Material\Dryness;
use KindHeel\Core\Material\Material;
use Symfony\Component\Validator\Constraints as Assert;

/** What was seen of one or several places at once; what is left out stays as it is. */
final readonly class PartsInput
{
    /**
     * @param list<PlaceInput> $places
     * @param list<Flag>|null  $flags
     * @param list<Wish>|null  $wishes what the owner asks for there beside aim, shine and patina
     */
    public function __construct(
        public int $version,
        #[Assert\Count(min: 1, max: 60, minMessage: 'Which part is it about?', maxMessage: 'A piece has no so many parts.')]
        #[Assert\Valid]
        public array $places,
        public ?Material $material = null,
        public ?Certainty $certainty = null,
        public ?Dryness $dryness = null,
        public ?Shade $shade = null,
        public ?array $flags = null,
        #[Assert\Range(notInRangeMessage: 'A measured area lies between 0.01 and 500 dm².', min: 0.01, max: 500)]
        public ?float $areaDm2 = null,
        public ?array $wishes = null,
    ) {
    }
}

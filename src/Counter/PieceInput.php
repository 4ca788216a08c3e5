<?php

declare(strict_types=1);

namespace KindHeel\App\Counter;

use KindHeel\Core\Anatomy\Kind;
use KindHeel\Core\Assessment\Aim;
use KindHeel\Core\Colour\Gloss;
use KindHeel\Core\Colour\Shade;
use Symfony\Component\Validator\Constraints as Assert;

final readonly class PieceInput
{
    public function __construct(
        #[Assert\NotBlank(message: 'What do you call it?', normalizer: 'trim')]
        #[Assert\Length(max: 120, maxMessage: 'A name of {{ limit }} letters is enough.')]
        public string $name,
        public Kind $kind,
        public Aim $aim,
        #[Assert\Range(notInRangeMessage: 'A shoe size (EU) lies between 15 and 55.', min: 15, max: 55)]
        public ?float $sizeEu = null,
        #[Assert\Range(notInRangeMessage: 'The longest side lies between 50 and 2500 mm.', min: 50, max: 2500)]
        public ?float $lengthMm = null,
        public Gloss $gloss = Gloss::Satin,
        public Shade $shade = Shade::Chestnut,
    ) {
    }
}

<?php

declare(strict_types=1);

namespace KindHeel\App\Counter;

use KindHeel\Core\Anatomy\Kind;
use KindHeel\Core\Colour\Shade;
use Symfony\Component\Validator\Constraints as Assert;

/** What a piece is called, what it is and how large; what is left out stays as it is. */
final readonly class CorrectPieceInput
{
    public function __construct(
        #[Assert\Range(min: 1, max: 999_999_999)]
        public int $id,
        #[Assert\NotBlank(message: 'What do you call it?', normalizer: 'trim')]
        #[Assert\Length(max: 120, maxMessage: 'A name of {{ limit }} letters is enough.')]
        public string $name,
        #[Assert\Range(notInRangeMessage: 'A shoe size (EU) lies between 15 and 55.', min: 15, max: 55)]
        public ?float $sizeEu = null,
        #[Assert\Range(notInRangeMessage: 'The longest side lies between 50 and 2500 mm.', min: 50, max: 2500)]
        public ?float $lengthMm = null,
        public ?Kind $kind = null,
        /** that it mostly has */
        public ?Shade $shade = null,
    ) {
    }
}

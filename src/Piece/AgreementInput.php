<?php

declare(strict_types=1);

namespace KindHeel\App\Piece;

use KindHeel\Core\Assessment\Agreed;
use KindHeel\Core\Assessment\Aim;
use KindHeel\Core\Assessment\Patina;
use KindHeel\Core\Colour\Gloss;
use KindHeel\Core\Colour\Shade;
use Symfony\Component\Validator\Constraints as Assert;

/** How far to go, how much it should shine, what it is worth, and what the owner does not want. */
final readonly class AgreementInput
{
    public function __construct(
        public int $version,
        public Aim $aim,
        public Gloss $gloss,
        public Patina $patina = Patina::Keep,
        /** that a recolour is to bring; null where it is chosen with the pot */
        public ?Shade $newShade = null,
        #[Assert\Length(max: 500, maxMessage: 'Keep this under {{ limit }} letters.')]
        public string $unwanted = '',
        #[Assert\Range(notInRangeMessage: 'A worth lies between nothing and a million.', min: 0, max: 100_000_000)]
        public ?int $valueCents = null,
        #[Assert\Range(notInRangeMessage: 'A price lies between nothing and a million.', min: 0, max: 100_000_000)]
        public ?int $replaceCents = null,
    ) {
    }

    public function agreed(): Agreed
    {
        return new Agreed($this->aim, $this->gloss, $this->patina, $this->newShade);
    }
}

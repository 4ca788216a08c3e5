<?php

declare(strict_types=1);

namespace KindHeel\Core\Assessment;

use KindHeel\Core\Colour\Gloss;
use KindHeel\Core\Colour\Shade;

/** How far to go with a piece or with one part of it: aim, shine, what becomes of the signs of age, and the colour that a recolour is to bring. */
final readonly class Agreed
{
    /** @param Shade|null $newShade of a recolour; null where it is chosen with the pot */
    public function __construct(
        public Aim $aim,
        public Gloss $gloss = Gloss::Satin,
        public Patina $patina = Patina::Keep,
        public ?Shade $newShade = null,
    ) {
    }
}

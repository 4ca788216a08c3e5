<?php

declare(strict_types=1);

namespace KindHeel\Core\Assessment;

use KindHeel\Core\Colour\Gloss;

/** How far to go with a piece or with one part of it: aim, shine, and what becomes of the signs of age. */
final readonly class Agreed
{
    public function __construct(public Aim $aim, public Gloss $gloss = Gloss::Satin, public Patina $patina = Patina::Keep)
    {
    }
}

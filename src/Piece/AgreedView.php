<?php

declare(strict_types=1);

namespace KindHeel\App\Piece;

use KindHeel\Core\Assessment\Aim;
use KindHeel\Core\Assessment\Patina;
use KindHeel\Core\Colour\Gloss;
use KindHeel\Core\Colour\Shade;

final readonly class AgreedView
{
    public function __construct(public Aim $aim, public Gloss $gloss, public Patina $patina, public ?Shade $newShade)
    {
    }
}

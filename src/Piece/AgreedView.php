<?php

declare(strict_types=1);

namespace KindHeel\App\Piece;

use KindHeel\Core\Assessment\Aim;
use KindHeel\Core\Assessment\Patina;
use KindHeel\Core\Colour\Gloss;

final readonly class AgreedView
{
    public function __construct(public Aim $aim, public Gloss $gloss, public Patina $patina)
    {
    }
}

<?php

declare(strict_types=1);

namespace KindHeel\App\Piece;

use KindHeel\Core\Assessment\Agreed;
use KindHeel\Core\Assessment\Aim;
use KindHeel\Core\Assessment\Patina;
use KindHeel\Core\Colour\Gloss;
use KindHeel\Core\Colour\Shade;

final readonly class AgreedInput
{
    public function __construct(public Aim $aim, public Gloss $gloss, public Patina $patina, public ?Shade $newShade = null)
    {
    }

    public function agreed(): Agreed
    {
        return new Agreed($this->aim, $this->gloss, $this->patina, $this->newShade);
    }
}

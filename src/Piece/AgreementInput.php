<?php

declare(strict_types=1);

namespace KindHeel\App\Piece;

use KindHeel\Core\Assessment\Aim;
use KindHeel\Core\Assessment\Gloss;

/** How far to go, and how much it should shine. */
final readonly class AgreementInput
{
    public function __construct(public int $version, public Aim $aim, public Gloss $gloss)
    {
    }
}

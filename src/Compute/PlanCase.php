<?php

declare(strict_types=1);

namespace KindHeel\App\Compute;

use KindHeel\Core\Assessment\Piece;
use KindHeel\Core\Treatment\Wish\Wishes;

/** A piece and what is wished for it, as a script tells it. */
final readonly class PlanCase
{
    public function __construct(public Piece $piece, public Wishes $wishes)
    {
    }
}

<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment;

/** A rule that looks at the whole piece: at the other half, at neighbours, at what was done to all of it. */
interface PieceRule
{
    public function judge(PieceState $piece, Step $step): ?Violation;
}

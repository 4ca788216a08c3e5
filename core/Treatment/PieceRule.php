<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment;

/** A rule that looks at the whole piece: at the other half, at neighbours, at what was done to all of it. */
interface PieceRule
{
    /** Whether a step of this action, family and applicator can break it at all, wherever it is done. */
    public function concerns(Step $step): bool;

    public function judge(PieceState $piece, Step $step): ?Violation;
}

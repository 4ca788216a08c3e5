<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment;

/** A rule that needs to know only the part a step touches. */
interface PartRule
{
    /** Whether a step of this action, family and applicator can break it at all, wherever it is done. */
    public function concerns(Step $step): bool;

    public function judge(PartState $part, Step $step): ?Violation;
}

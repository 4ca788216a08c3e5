<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment;

/** A rule that needs to know only the part a step touches. */
interface PartRule
{
    public function judge(PartState $part, Step $step): ?Violation;
}

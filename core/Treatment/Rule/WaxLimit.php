<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Rule;

use KindHeel\Core\Treatment\FamilyId;
use KindHeel\Core\Treatment\PartRule;
use KindHeel\Core\Treatment\PartState;
use KindHeel\Core\Treatment\Rule;
use KindHeel\Core\Treatment\Step;
use KindHeel\Core\Treatment\Violation;

#[Rule('J-4', 'Too many layers clog, go white, crack and collect dirt.')]
final readonly class WaxLimit implements PartRule
{
    private const WHERE_IT_FLEXES = 2;
    private const WHERE_IT_DOES_NOT = 6;

    public function judge(PartState $part, Step $step): ?Violation
    {
        $limit = $part->part->at->part->flexes() ? self::WHERE_IT_FLEXES : self::WHERE_IT_DOES_NOT;

        return FamilyId::Wax === $step->family && $part->coatsOf(FamilyId::Wax) >= $limit
            ? Violation::stop($this, $step, \sprintf('No more than %d layers of wax on the %s.', $limit, $part->part->at->part->label()))
            : null;
    }
}

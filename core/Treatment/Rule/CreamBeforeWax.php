<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Rule;

use KindHeel\Core\Treatment\FamilyId;
use KindHeel\Core\Treatment\PartRule;
use KindHeel\Core\Treatment\PartState;
use KindHeel\Core\Treatment\Rule;
use KindHeel\Core\Treatment\Step;
use KindHeel\Core\Treatment\Surface;
use KindHeel\Core\Treatment\Violation;

#[Rule('O-23', 'Colour must reach the leather, cover lies on top.')]
final readonly class CreamBeforeWax implements PartRule
{
    public function judge(PartState $part, Step $step): ?Violation
    {
        return FamilyId::Cream === $step->family && $part->has(Surface::Wax)
            ? Violation::stop($this, $step, 'There is wax already: cream no longer reaches the leather.')
            : null;
    }
}

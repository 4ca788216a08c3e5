<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Rule;

use KindHeel\Core\Treatment\Applicator;
use KindHeel\Core\Treatment\FamilyId;
use KindHeel\Core\Treatment\PartRule;
use KindHeel\Core\Treatment\PartState;
use KindHeel\Core\Treatment\Phase;
use KindHeel\Core\Treatment\Remedy;
use KindHeel\Core\Treatment\Rule;
use KindHeel\Core\Treatment\Step;
use KindHeel\Core\Treatment\Violation;

#[Rule('O-5', 'Every rung of the cleaning ladder takes finish with it.')]
final readonly class GentlestCleanerFirst implements PartRule
{
    public function judge(PartState $part, Step $step): ?Violation
    {
        return FamilyId::CleanerCream === $step->family && 0 === $part->coatsOf(FamilyId::DampCloth)
            ? Violation::stop($this, $step, 'Try the barely damp cloth first, and look at the dry result.', Remedy::first(Step::lay(Phase::Clean, FamilyId::DampCloth, Applicator::Cloth, [$part->part->at])))
            : null;
    }
}

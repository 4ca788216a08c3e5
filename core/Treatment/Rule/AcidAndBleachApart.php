<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Rule;

use KindHeel\Core\Product\Applicator;
use KindHeel\Core\Product\FamilyId;
use KindHeel\Core\Product\Phase;
use KindHeel\Core\Text\Message;
use KindHeel\Core\Treatment\PartRule;
use KindHeel\Core\Treatment\PartState;
use KindHeel\Core\Treatment\Remedy;
use KindHeel\Core\Treatment\Rule;
use KindHeel\Core\Treatment\Step;
use KindHeel\Core\Treatment\Violation;

#[Rule('H-8', 'Acids, bleaches and ammonia are never mixed.')]
final readonly class AcidAndBleachApart implements PartRule
{
    public function concerns(Step $step): bool
    {
        return FamilyId::Peroxide === $step->family || FamilyId::SaltWash === $step->family;
    }

    public function judge(PartState $part, Step $step): ?Violation
    {
        $other = FamilyId::Peroxide === $step->family ? FamilyId::SaltWash : FamilyId::Peroxide;

        return $part->top()?->family === $other
            ? Violation::stop(
                $this,
                $step,
                Message::of('Wipe the other off with a damp cloth first: the two are never mixed.'),
                Remedy::first(Step::lay(Phase::Clean, FamilyId::DampCloth, Applicator::Cloth, [$part->part->at])),
            )
            : null;
    }
}

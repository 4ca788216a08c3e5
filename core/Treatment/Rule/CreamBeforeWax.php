<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Rule;

use KindHeel\Core\Product\FamilyId;
use KindHeel\Core\Product\Surface;
use KindHeel\Core\Text\Message;
use KindHeel\Core\Treatment\PartRule;
use KindHeel\Core\Treatment\PartState;
use KindHeel\Core\Treatment\Rule;
use KindHeel\Core\Treatment\Step;
use KindHeel\Core\Treatment\Violation;

#[Rule('O-23', 'Colour must reach the leather, cover lies on top, and nothing lies over a fresh repellent.')]
final readonly class CreamBeforeWax implements PartRule
{
    public function concerns(Step $step): bool
    {
        return FamilyId::Cream === $step->family || FamilyId::Wax === $step->family || FamilyId::Shine === $step->family;
    }

    public function judge(PartState $part, Step $step): ?Violation
    {
        if ($part->has(Surface::Repellent)) {
            return Violation::stop($this, $step, Message::of('Do not polish over the repellent.'));
        }

        return FamilyId::Cream === $step->family && $part->has(Surface::Wax)
            ? Violation::stop($this, $step, Message::of('There is wax already: cream no longer reaches the leather.'))
            : null;
    }
}

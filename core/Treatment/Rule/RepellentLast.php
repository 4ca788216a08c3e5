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

#[Rule('O-25', 'It blocks everything that comes after it.')]
final readonly class RepellentLast implements PartRule
{
    public function concerns(Step $step): bool
    {
        return $step->laysProduct()
            && FamilyId::Repellent !== $step->family
            && FamilyId::LiningSpray !== $step->family
            && FamilyId::DampCloth !== $step->family;
    }

    public function judge(PartState $part, Step $step): ?Violation
    {
        return $part->has(Surface::Repellent)
            ? Violation::stop($this, $step, Message::of('The %s has its repellent: nothing takes on it any more.', $part->part->at->part->label()))
            : null;
    }
}

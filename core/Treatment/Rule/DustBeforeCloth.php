<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Rule;

use KindHeel\Core\Anatomy\PartName;
use KindHeel\Core\Product\FamilyId;
use KindHeel\Core\Product\Phase;
use KindHeel\Core\Product\Surface;
use KindHeel\Core\Text\Message;
use KindHeel\Core\Treatment\Action;
use KindHeel\Core\Treatment\PartRule;
use KindHeel\Core\Treatment\PartState;
use KindHeel\Core\Treatment\Remedy;
use KindHeel\Core\Treatment\Rule;
use KindHeel\Core\Treatment\Step;
use KindHeel\Core\Treatment\Violation;

#[Rule('O-4', 'Grit scratches, and wet dust turns to mud.')]
final readonly class DustBeforeCloth implements PartRule
{
    public function concerns(Step $step): bool
    {
        return $step->laysProduct() || Action::Erase === $step->action || Action::IronCrease === $step->action || Action::Mask === $step->action;
    }

    public function judge(PartState $part, Step $step): ?Violation
    {
        $at = $part->part->at->part;
        // Thread is brushed with its part, laces are washed apart.
        $elsewhere = \in_array($at, [PartName::Laces, PartName::Stitching], true) || Action::Mask === $step->action && $at->isInside();

        return $part->has(Surface::LooseDirt) && !$elsewhere
            ? Violation::stop(
                $this,
                $step,
                FamilyId::Poultice === $part->top()?->family
                    ? Message::of('The powder has drawn what it could: it is brushed off dry before any cloth.')
                    : Message::of('Dust it off dry first: what is loose on it scratches, and lies under the next coat.'),
                Remedy::first(Step::act(Phase::DryClean, Action::DustOff, [$part->part->at])),
            )
            : null;
    }
}

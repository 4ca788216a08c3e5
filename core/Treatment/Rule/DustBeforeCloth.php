<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Rule;

use KindHeel\Core\Product\Phase;
use KindHeel\Core\Product\Surface;
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
        return $part->has(Surface::LooseDirt) && !(Action::Mask === $step->action && $part->part->at->part->isInside())
            ? Violation::stop(
                $this,
                $step,
                'Dust it off dry first: there is loose dirt on it.',
                Remedy::first(Step::act(Phase::DryClean, Action::DustOff, [$part->part->at])),
            )
            : null;
    }
}

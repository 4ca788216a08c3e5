<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Rule;

use KindHeel\Core\Drying\After;
use KindHeel\Core\Drying\Stage;
use KindHeel\Core\Product\FamilyId;
use KindHeel\Core\Product\Surface;
use KindHeel\Core\Text\Message;
use KindHeel\Core\Treatment\Action;
use KindHeel\Core\Treatment\PartRule;
use KindHeel\Core\Treatment\PartState;
use KindHeel\Core\Treatment\Remedy;
use KindHeel\Core\Treatment\Rule;
use KindHeel\Core\Treatment\Step;
use KindHeel\Core\Treatment\Violation;

#[Rule('W-1', 'Too early drags the coat below; the gate test decides, the time is a forecast.')]
final readonly class CoatWaitsForCoat implements PartRule
{
    public function concerns(Step $step): bool
    {
        return $step->laysProduct()
            || $step->action->strains()
            || Action::Buff === $step->action
            || Action::DustOff === $step->action
            || Action::Mask === $step->action
            || Action::IronCrease === $step->action;
    }

    public function judge(PartState $part, Step $step): ?Violation
    {
        if (null === $part->top()) {
            return null;
        }
        $stage = match (true) {
            Action::Buff === $step->action => Stage::Touch,
            Action::Bond === $step->action => null,
            // Powder is left until it has drawn its fill; of all else dust may be brushed at any time.
            Action::DustOff === $step->action => FamilyId::Poultice === $part->top()->family ? Stage::Next : null,
            !$step->laysProduct() => Stage::Next,
            null !== $step->family && (!$part->has(Surface::Damp) || $step->wets()) => $part->top()->stageFor($step->family),
            default => null,
        };
        if (null === $stage) {
            return null;
        }
        $open = $part->unready($stage, $step);

        return null === $open ? null : Violation::stop(
            $this,
            $step,
            Message::of('The %s below is not ready for this.', $open->family->label()),
            Remedy::bind(new After($open->step, $stage)),
        );
    }
}

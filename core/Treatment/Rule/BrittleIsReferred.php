<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Rule;

use KindHeel\Core\Finding\FindingKind;
use KindHeel\Core\Material\Dryness;
use KindHeel\Core\Text\Message;
use KindHeel\Core\Treatment\Action;
use KindHeel\Core\Treatment\PartRule;
use KindHeel\Core\Treatment\PartState;
use KindHeel\Core\Treatment\Rule;
use KindHeel\Core\Treatment\Step;
use KindHeel\Core\Treatment\Violation;

#[Rule('J-6', 'Brittle or red-rotted leather cannot be saved at this bench; treatment breaks it.')]
final readonly class BrittleIsReferred implements PartRule
{
    public function concerns(Step $step): bool
    {
        return $step->laysProduct() || \in_array($step->action, [Action::Sand, Action::Stitch, Action::IronCrease], true);
    }

    public function judge(PartState $part, Step $step): ?Violation
    {
        return Dryness::Brittle === $part->part->dryness || $part->hasFinding(FindingKind::Brittle, FindingKind::RedRot, FindingKind::Impact)
            ? Violation::stop($this, $step, Message::of('Leave the %s alone and refer the piece.', $part->part->at->part->label()))
            : null;
    }
}

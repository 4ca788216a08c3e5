<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Rule;

use KindHeel\Core\Assessment\Finding;
use KindHeel\Core\Assessment\FindingKind;
use KindHeel\Core\Material\Dryness;
use KindHeel\Core\Treatment\PartRule;
use KindHeel\Core\Treatment\PartState;
use KindHeel\Core\Treatment\Rule;
use KindHeel\Core\Treatment\Step;
use KindHeel\Core\Treatment\Violation;

#[Rule('J-6', 'Brittle or red-rotted leather cannot be saved at this bench; treatment breaks it.')]
final readonly class BrittleIsReferred implements PartRule
{
    public function judge(PartState $part, Step $step): ?Violation
    {
        $lost = Dryness::Brittle === $part->part->dryness || [] !== array_filter(
            $part->findings,
            static fn (Finding $f): bool => \in_array($f->kind, [FindingKind::Brittle, FindingKind::RedRot, FindingKind::Impact], true),
        );

        return $lost && $step->laysProduct()
            ? Violation::stop($this, $step, \sprintf('Leave the %s alone and refer the piece.', $part->part->at->part->label()))
            : null;
    }
}

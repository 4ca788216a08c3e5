<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Rule;

use KindHeel\Core\Product\FamilyId;
use KindHeel\Core\Text\Message;
use KindHeel\Core\Treatment\PartRule;
use KindHeel\Core\Treatment\PartState;
use KindHeel\Core\Treatment\Rule;
use KindHeel\Core\Treatment\Step;
use KindHeel\Core\Treatment\Violation;

#[Rule('C-8', 'Scales lift and darken: along them, never against, and with the light cream alone.')]
final readonly class ReptileTakesLightCream implements PartRule
{
    public function concerns(Step $step): bool
    {
        return $step->laysFat() || $step->wets() && FamilyId::DampCloth !== $step->family;
    }

    public function judge(PartState $part, Step $step): ?Violation
    {
        return $part->part->material->isReptile() && FamilyId::ConditionerLight !== $step->family
            ? Violation::stop($this, $step, Message::of('No %s on scales: dust off, barely damp, light cream.', $step->family?->label() ?? 'product'))
            : null;
    }
}

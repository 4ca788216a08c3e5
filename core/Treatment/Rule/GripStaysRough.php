<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Rule;

use KindHeel\Core\Assessment\Flag;
use KindHeel\Core\Material\Material;
use KindHeel\Core\Product\FamilyId;
use KindHeel\Core\Text\Message;
use KindHeel\Core\Treatment\PartRule;
use KindHeel\Core\Treatment\PartState;
use KindHeel\Core\Treatment\Rule;
use KindHeel\Core\Treatment\Step;
use KindHeel\Core\Treatment\Violation;

#[Rule('C-5', 'What a hand, a knee or a horse holds on to must not become slippery.')]
final readonly class GripStaysRough implements PartRule
{
    public function concerns(Step $step): bool
    {
        return $step->laysFat() || FamilyId::Shine === $step->family;
    }

    public function judge(PartState $part, Step $step): ?Violation
    {
        return $part->part->at->part->grips() || $part->part->has(Flag::GripSurface) || Material::RacingHide === $part->part->material
            ? Violation::stop(
                $this,
                $step,
                Message::of('No %s on the %s: it has to grip, or to keep the rider whole.', $step->family?->label() ?? 'fat', $part->part->at->part->label()),
            )
            : null;
    }
}

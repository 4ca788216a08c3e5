<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Rule;

use KindHeel\Core\Anatomy\PartName;
use KindHeel\Core\Assessment\Flag;
use KindHeel\Core\Product\FamilyId;
use KindHeel\Core\Text\Message;
use KindHeel\Core\Treatment\PartRule;
use KindHeel\Core\Treatment\PartState;
use KindHeel\Core\Treatment\Rule;
use KindHeel\Core\Treatment\Step;
use KindHeel\Core\Treatment\Violation;

#[Rule('H-7', 'Painted, peroxided or greased soles and seats let the wearer slip.')]
final readonly class SolesKeepTheirHold implements PartRule
{
    public function concerns(Step $step): bool
    {
        return ($step->laysFat() && FamilyId::CleanerCream !== $step->family)
            || \in_array($step->family, [FamilyId::Paint, FamilyId::Peroxide, FamilyId::Topcoat, FamilyId::Resin, FamilyId::Shine], true);
    }

    public function judge(PartState $part, Step $step): ?Violation
    {
        $hard = PartName::Outsole === $part->part->at->part || $part->part->has(Flag::GripSurface) && $step->laysFat();

        return $hard
            ? Violation::stop(
                $this,
                $step,
                Message::of('%s on the %s takes away its hold.', ucfirst($step->family?->label() ?? 'it'), $part->part->at->part->label()),
            )
            : null;
    }
}

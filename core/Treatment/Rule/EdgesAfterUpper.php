<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Rule;

use KindHeel\Core\Product\FamilyId;
use KindHeel\Core\Text\Message;
use KindHeel\Core\Treatment\PieceRule;
use KindHeel\Core\Treatment\PieceState;
use KindHeel\Core\Treatment\Rule;
use KindHeel\Core\Treatment\Step;
use KindHeel\Core\Treatment\Violation;

#[Rule('O-24', 'Colour on the upper smears over a fresh edge, and dressing stains uppers for good.')]
final readonly class EdgesAfterUpper implements PieceRule
{
    public function concerns(Step $step): bool
    {
        return \in_array($step->family, [FamilyId::Cream, FamilyId::DyeSpirit, FamilyId::DyeWater, FamilyId::Paint], true);
    }

    public function judge(PieceState $piece, Step $step): ?Violation
    {
        foreach ($piece->touchedBy($step) as $part) {
            if ($part->part->at->part->isOuter() && null !== $piece->lastDressing($part->part->at->half)) {
                return Violation::stop($this, $step, Message::of('The edge is dressed already: colour the upper before the edge.'))->at($part->part->at);
            }
        }

        return null;
    }
}

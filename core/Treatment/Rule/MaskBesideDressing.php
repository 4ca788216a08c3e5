<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Rule;

use KindHeel\Core\Assessment\Flag;
use KindHeel\Core\Material\Material;
use KindHeel\Core\Treatment\Action;
use KindHeel\Core\Treatment\FamilyId;
use KindHeel\Core\Treatment\Phase;
use KindHeel\Core\Treatment\PieceRule;
use KindHeel\Core\Treatment\PieceState;
use KindHeel\Core\Treatment\Remedy;
use KindHeel\Core\Treatment\Rule;
use KindHeel\Core\Treatment\Step;
use KindHeel\Core\Treatment\Surface;
use KindHeel\Core\Treatment\Violation;

#[Rule('O-15', 'Dressing on a bare welt or on light stitching stays for good.')]
final readonly class MaskBesideDressing implements PieceRule
{
    public function judge(PieceState $piece, Step $step): ?Violation
    {
        if (FamilyId::EdgeDressing !== $step->family) {
            return null;
        }
        $bare = [];
        foreach ($step->on as $place) {
            foreach ($piece->neighboursOf($place) as $neighbour) {
                $at = $neighbour->part->at;
                if (!$step->touches($at) && !$neighbour->has(Surface::Masked) && (Material::BareWelt === $neighbour->part->material || $neighbour->part->has(Flag::ContrastStitching))) {
                    $bare[(string) $at] = $at;
                }
            }
        }

        return [] === $bare ? null : Violation::stop(
            $this,
            $step,
            'Mask the welt first: the dressing would run onto it.',
            Remedy::first(Step::act(Phase::Mask, Action::Mask, array_values($bare))),
        );
    }
}

<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Rule;

use KindHeel\Core\Treatment\Action;
use KindHeel\Core\Treatment\FamilyId;
use KindHeel\Core\Treatment\PieceRule;
use KindHeel\Core\Treatment\PieceState;
use KindHeel\Core\Treatment\Rule;
use KindHeel\Core\Treatment\Step;
use KindHeel\Core\Treatment\Violation;

#[Rule('J-7', 'Side by side, a half that was left out shows.')]
final readonly class PairGetsTheLastCoat implements PieceRule
{
    public function judge(PieceState $piece, Step $step): ?Violation
    {
        if (Action::HandOver !== $step->action) {
            return null;
        }
        foreach ($piece->all() as $part) {
            $fellow = $piece->at($part->part->at->fellow());
            foreach ([FamilyId::Cream, FamilyId::EdgeDressing] as $family) {
                if (null !== $fellow && $fellow->part->material === $part->part->material && $fellow->coatsOf($family) < $part->coatsOf($family)) {
                    return Violation::stop($this, $step, \sprintf('The %s %s has had less %s than its fellow.', $fellow->part->at->half->value, $fellow->part->at->part->label(), $family->label()));
                }
            }
        }

        return null;
    }
}

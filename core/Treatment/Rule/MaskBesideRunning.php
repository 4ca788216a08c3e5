<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Rule;

use KindHeel\Core\Assessment\Flag;
use KindHeel\Core\Material\Material;
use KindHeel\Core\Product\FamilyId;
use KindHeel\Core\Product\Phase;
use KindHeel\Core\Product\Surface;
use KindHeel\Core\Treatment\Action;
use KindHeel\Core\Treatment\PartState;
use KindHeel\Core\Treatment\PieceRule;
use KindHeel\Core\Treatment\PieceState;
use KindHeel\Core\Treatment\Remedy;
use KindHeel\Core\Treatment\Rule;
use KindHeel\Core\Treatment\Step;
use KindHeel\Core\Treatment\Violation;

#[Rule('O-15', 'Dye, dressing or spray on a bare welt, light stitching or printed canvas stays for good.')]
final readonly class MaskBesideRunning implements PieceRule
{
    public function concerns(Step $step): bool
    {
        return $step->runs();
    }

    public function judge(PieceState $piece, Step $step): ?Violation
    {
        $bare = [];
        foreach ($step->halves() as $half) {
            foreach ($piece->ofHalf($half) as $state) {
                if (self::isInDanger($state, $step)) {
                    $bare[] = $state->part->at;
                }
            }
        }

        return [] === $bare ? null : Violation::stop(
            $this,
            $step,
            \sprintf('Mask the %s first: this would run or drift onto it.', $bare[0]->part->label()),
            Remedy::first(Step::act(Phase::Mask, Action::Mask, $bare)),
        );
    }

    private static function isInDanger(PartState $state, Step $step): bool
    {
        if ($state->part->material->mustStayBare()) {
            return !$state->has(Surface::Masked) && !$step->touches($state->part->at);
        }

        return ($state->part->has(Flag::ContrastStitching) && !$state->has(Surface::SeamsCovered))
            || (FamilyId::Repellent === $step->family
                && Material::Patent === $state->part->material
                && !$state->has(Surface::Masked)
                && !$step->touches($state->part->at));
    }
}

<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Rule;

use KindHeel\Core\Material\Material;
use KindHeel\Core\Product\FamilyId;
use KindHeel\Core\Product\Phase;
use KindHeel\Core\Product\Surface;
use KindHeel\Core\Text\Message;
use KindHeel\Core\Treatment\Action;
use KindHeel\Core\Treatment\PieceRule;
use KindHeel\Core\Treatment\PieceState;
use KindHeel\Core\Treatment\Remedy;
use KindHeel\Core\Treatment\Rule;
use KindHeel\Core\Treatment\Step;
use KindHeel\Core\Treatment\Violation;

#[Rule('O-26', 'Spray spots metal and tarnishes it.')]
final readonly class MetalCovered implements PieceRule
{
    public function concerns(Step $step): bool
    {
        return $step->runs() && ($step->applicator->sprays() || FamilyId::Repellent === $step->family);
    }

    public function judge(PieceState $piece, Step $step): ?Violation
    {
        $metal = [];
        foreach ($step->halves() as $half) {
            foreach ($piece->ofHalf($half) as $state) {
                $at = $state->part->at;
                if (
                    Material::Metal === $state->part->material
                    && !$state->has(Surface::Masked)
                    && !$step->touches($at)
                    && !($at->part->isDetachable() && $piece->isDone(Action::TakeApart, $half))
                ) {
                    $metal[] = $at;
                }
            }
        }

        return [] === $metal ? null : Violation::stop(
            $this,
            $step,
            Message::of('Cover the %s first, and wipe it straight after.', $metal[0]->part->label()),
            Remedy::first(Step::act(Phase::Mask, Action::Mask, $metal)),
        );
    }
}

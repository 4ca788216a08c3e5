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

#[Rule('C-3', 'Solvents and repellents spoil the printed film.')]
final readonly class PrintedCanvasIsLeftAlone implements PieceRule
{
    public function concerns(Step $step): bool
    {
        return $step->runs() || \in_array($step->family, [FamilyId::Deglosser, FamilyId::Oil, FamilyId::HeavyWax], true);
    }

    public function judge(PieceState $piece, Step $step): ?Violation
    {
        foreach ($piece->touchedBy($step) as $part) {
            if (
                Material::CoatedCanvas === $part->part->material
                && \in_array($step->family, [FamilyId::Repellent, FamilyId::Deglosser, FamilyId::Oil, FamilyId::HeavyWax], true)
            ) {
                return Violation::stop($this, $step, Message::of('No %s on printed canvas.', $step->family->label()))->at($part->part->at);
            }
        }
        $open = [];
        foreach (FamilyId::Repellent === $step->family ? $step->halves() : [] as $half) {
            foreach ($piece->ofHalf($half) as $state) {
                if (Material::CoatedCanvas === $state->part->material && !$state->has(Surface::Masked)) {
                    $open[] = $state->part->at;
                }
            }
        }

        return [] === $open
            ? null
            : Violation::stop(
                $this,
                $step,
                Message::of('Mask the printed canvas first: wipe what drifts onto it at once with a damp cloth.'),
                Remedy::first(Step::act(Phase::Mask, Action::Mask, $open)),
            );
    }
}

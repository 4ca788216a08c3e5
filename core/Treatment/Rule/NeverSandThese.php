<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Rule;

use KindHeel\Core\Material\Material;
use KindHeel\Core\Material\Outcome;
use KindHeel\Core\Text\Message;
use KindHeel\Core\Treatment\Action;
use KindHeel\Core\Treatment\PartRule;
use KindHeel\Core\Treatment\PartState;
use KindHeel\Core\Treatment\Rule;
use KindHeel\Core\Treatment\Step;
use KindHeel\Core\Treatment\Violation;

#[Rule('C-11', 'Sanding goes through print, gloss, scale and colour, and none of it comes back.')]
final readonly class NeverSandThese implements PartRule
{
    public function concerns(Step $step): bool
    {
        return Action::Sand === $step->action;
    }

    public function judge(PartState $part, Step $step): ?Violation
    {
        $material = $part->part->material;
        $never = $material->hasNap() || $material->isReptile() || \in_array($material, [Material::PlasticStack, Material::Patent], true)
            || Material::Aniline === $material && !$part->isToBeRefinished() || $part->showed(Outcome::PrintedSkin) || $part->showed(Outcome::Print);

        return $never
            ? Violation::stop(
                $this,
                $step,
                Message::of(
                    'The %s is never sanded: %s.',
                    $part->part->at->part->label(),
                    $part->showed(Outcome::PrintedSkin) ? Message::of('it is a printed skin') : $material->label(),
                ),
            )
            : null;
    }
}

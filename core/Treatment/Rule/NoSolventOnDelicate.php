<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Rule;

use KindHeel\Core\Product\Effect;
use KindHeel\Core\Text\Message;
use KindHeel\Core\Treatment\PartRule;
use KindHeel\Core\Treatment\PartState;
use KindHeel\Core\Treatment\Rule;
use KindHeel\Core\Treatment\Step;
use KindHeel\Core\Treatment\Violation;

#[Rule('C-2', 'Alcohol and solvents lift stain, polish and glaze and leave pale spots.')]
final readonly class NoSolventOnDelicate implements PartRule
{
    public function concerns(Step $step): bool
    {
        return $step->does(Effect::Degreases);
    }

    public function judge(PartState $part, Step $step): ?Violation
    {
        return $part->part->material->losesColourToSolvent() && !$part->isToBeRefinished() && !($step->isSpot() && $part->isToBeTouchedIn())
            ? Violation::stop($this, $step, Message::of('No %s here: the part is %s.', $step->family?->label() ?? 'solvent', $part->part->material->label()))
            : null;
    }
}

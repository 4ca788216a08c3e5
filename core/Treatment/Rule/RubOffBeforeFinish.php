<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Rule;

use KindHeel\Core\Product\Effect;
use KindHeel\Core\Product\FamilyId;
use KindHeel\Core\Product\Phase;
use KindHeel\Core\Product\Surface;
use KindHeel\Core\Text\Message;
use KindHeel\Core\Treatment\Action;
use KindHeel\Core\Treatment\PartRule;
use KindHeel\Core\Treatment\PartState;
use KindHeel\Core\Treatment\Remedy;
use KindHeel\Core\Treatment\Rule;
use KindHeel\Core\Treatment\Step;
use KindHeel\Core\Treatment\Violation;

#[Rule('O-20', 'Loose dye bleeds into finish and clothes.')]
final readonly class RubOffBeforeFinish implements PartRule
{
    public function concerns(Step $step): bool
    {
        return $step->laysFat() || $step->laysFilm() && !$step->does(Effect::Dyes) || FamilyId::Repellent === $step->family;
    }

    public function judge(PartState $part, Step $step): ?Violation
    {
        return $part->has(Surface::LooseDye)
            ? Violation::stop(
                $this,
                $step,
                Message::of('Rub the dye off dry until a white cloth stays clean.'),
                Remedy::first(Step::act(Phase::Colour, Action::RubOff, [$part->part->at])),
            )
            : null;
    }
}

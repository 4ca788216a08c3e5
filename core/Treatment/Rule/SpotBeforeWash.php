<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Rule;

use KindHeel\Core\Product\Applicator;
use KindHeel\Core\Product\Effect;
use KindHeel\Core\Product\FamilyId;
use KindHeel\Core\Product\Phase;
use KindHeel\Core\Text\Message;
use KindHeel\Core\Treatment\Action;
use KindHeel\Core\Treatment\PartRule;
use KindHeel\Core\Treatment\PartState;
use KindHeel\Core\Treatment\Remedy;
use KindHeel\Core\Treatment\Rule;
use KindHeel\Core\Treatment\Step;
use KindHeel\Core\Treatment\Violation;

#[Rule('O-17', 'A pale spot shows through a wash of colour laid over it.')]
final readonly class SpotBeforeWash implements PartRule
{
    public function concerns(Step $step): bool
    {
        return $step->isSpot() && $step->does(Effect::Colours) || $step->does(Effect::Dyes) && Action::Lay === $step->action;
    }

    public function judge(PartState $part, Step $step): ?Violation
    {
        if (!$step->isSpot()) {
            return $part->isPale() && !$part->hasHadWhat(Effect::Dyes)
                ? Violation::stop(
                    $this,
                    $step,
                    Message::of('Bring the pale spot up first: it would show through the wash.'),
                    Remedy::first(Step::lay(Phase::Colour, $step->family ?? FamilyId::DyeSpirit, Applicator::Bud, [$part->part->at])),
                )
                : null;
        }

        return null !== $step->family && $part->coatsOf($step->family) > 0
            ? Violation::stop($this, $step, Message::of('The whole part has been coloured already: bring the spot up before that.'))
            : null;
    }
}

<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Rule;

use KindHeel\Core\Material\Outcome;
use KindHeel\Core\Product\Effect;
use KindHeel\Core\Text\Message;
use KindHeel\Core\Treatment\PartRule;
use KindHeel\Core\Treatment\PartState;
use KindHeel\Core\Treatment\Rule;
use KindHeel\Core\Treatment\Step;
use KindHeel\Core\Treatment\Violation;

#[Rule('T-7', 'What a hidden trial has spoilt is not laid where it is seen.')]
final readonly class BadTrialForbids implements PartRule
{
    public function concerns(Step $step): bool
    {
        return $step->laysProduct();
    }

    public function judge(PartState $part, Step $step): ?Violation
    {
        $family = $step->family;
        $outcome = null === $family ? null : $part->spoiltBy($family);
        if (null === $family || null === $outcome
            || $family->does(Effect::Degreases) && ($part->isToBeRefinished() || $step->isSpot() && $part->isToBeTouchedIn())) {
            return null;
        }

        return Outcome::Darkens === $outcome && $family->does(Effect::Colours)
            ? null
            : Violation::stop($this, $step, Message::of('The trial of %s went badly: %s.', $family->label(), $outcome->label()));
    }
}

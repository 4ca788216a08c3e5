<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Rule;

use KindHeel\Core\Product\Effect;
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

#[Rule('O-10', 'Filler keys to clean fibre, and thick filler cracks: thin layers, each dry and sanded.')]
final readonly class FillBeforeColour implements PartRule
{
    public function concerns(Step $step): bool
    {
        return $step->laysFilm();
    }

    public function judge(PartState $part, Step $step): ?Violation
    {
        if ($step->does(Effect::Fills)
            && $part->hasHadWhat(Effect::Dyes, Effect::BuildsFilm)) {
            return Violation::stop($this, $step, Message::of('The %s is coloured already: fill before colour.', $part->part->at->part->label()));
        }

        return $part->has(Surface::Unsanded)
            ? Violation::stop(
                $this,
                $step,
                Message::of('The filler below has not been sanded level.'),
                Remedy::first(Step::act(Phase::Fill, Action::Sand, [$part->part->at])),
            )
            : null;
    }
}

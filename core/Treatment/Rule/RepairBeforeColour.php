<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Rule;

use KindHeel\Core\Product\Effect;
use KindHeel\Core\Product\FamilyId;
use KindHeel\Core\Text\Message;
use KindHeel\Core\Treatment\Action;
use KindHeel\Core\Treatment\PartRule;
use KindHeel\Core\Treatment\PartState;
use KindHeel\Core\Treatment\Rule;
use KindHeel\Core\Treatment\Step;
use KindHeel\Core\Treatment\Violation;

#[Rule('O-8', 'Needle holes and cement must be coloured over, and tension moves filler.')]
final readonly class RepairBeforeColour implements PartRule
{
    public function concerns(Step $step): bool
    {
        return Action::Stitch === $step->action || Action::Bond === $step->action || $step->does(Effect::Bonds);
    }

    public function judge(PartState $part, Step $step): ?Violation
    {
        return $part->hasHadWhat(Effect::Fills, Effect::Dyes, Effect::BuildsFilm) || $part->hasHad(FamilyId::EdgeDressing, FamilyId::Cream)
            ? Violation::stop($this, $step, Message::of('The %s is filled or coloured already: sew and bond before that.', $part->part->at->part->label()))
            : null;
    }
}

<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Rule;

use KindHeel\Core\Finding\FindingKind;
use KindHeel\Core\Product\Phase;
use KindHeel\Core\Text\Message;
use KindHeel\Core\Treatment\Action;
use KindHeel\Core\Treatment\PieceRule;
use KindHeel\Core\Treatment\PieceState;
use KindHeel\Core\Treatment\Remedy;
use KindHeel\Core\Treatment\Rule;
use KindHeel\Core\Treatment\Step;
use KindHeel\Core\Treatment\Violation;

#[Rule('O-3', 'A tree opens the creases, so that they are cleaned and coloured too.')]
final readonly class TreesBeforeCleaning implements PieceRule
{
    public function concerns(Step $step): bool
    {
        return $step->wets();
    }

    public function judge(PieceState $piece, Step $step): ?Violation
    {
        $half = $step->on[0]->half;
        if ($piece->isDone(Action::Tree, $half)) {
            return null;
        }
        $outer = [];
        $creased = false;
        foreach ($piece->ofHalf($half) as $state) {
            $creased = $creased || $state->hasFinding(FindingKind::Crease, FindingKind::ShapeLost);
            if ($state->part->at->part->isOuter()) {
                $outer[] = $state->part->at;
            }
        }

        return $creased && [] !== $outer
            ? Violation::stop($this, $step, Message::of(
                'Put a tree in first: the creases are closed.',
            ), Remedy::first(Step::act(Phase::TakeApart, Action::Tree, $outer)))
            : null;
    }
}

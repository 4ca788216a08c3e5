<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Rule;

use KindHeel\Core\Anatomy\Place;
use KindHeel\Core\Product\Phase;
use KindHeel\Core\Text\Message;
use KindHeel\Core\Treatment\Action;
use KindHeel\Core\Treatment\PartState;
use KindHeel\Core\Treatment\PieceRule;
use KindHeel\Core\Treatment\PieceState;
use KindHeel\Core\Treatment\Remedy;
use KindHeel\Core\Treatment\Rule;
use KindHeel\Core\Treatment\Step;
use KindHeel\Core\Treatment\Violation;

#[Rule('O-1', 'Pictures and readings cannot be taken afterwards.')]
final readonly class PicturesBeforeWet implements PieceRule
{
    public function concerns(Step $step): bool
    {
        return $step->laysProduct() || Action::Trial === $step->action;
    }

    public function judge(PieceState $piece, Step $step): ?Violation
    {
        return $piece->isDone(Action::Photograph, $step->on[0]->half)
            ? null
            : Violation::stop(
                $this,
                $step,
                Message::of('Take the pictures first: after the first wipe nobody can show how it came in.'),
                Remedy::first(
                    Step::act(Phase::Record, Action::Photograph, array_values(array_map(static fn (PartState $s): Place => $s->part->at, $piece->all()))),
                ),
            );
    }
}

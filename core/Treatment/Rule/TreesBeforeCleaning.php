<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Rule;

use KindHeel\Core\Assessment\Finding;
use KindHeel\Core\Assessment\FindingKind;
use KindHeel\Core\Assessment\Place;
use KindHeel\Core\Treatment\Action;
use KindHeel\Core\Treatment\PartState;
use KindHeel\Core\Treatment\Phase;
use KindHeel\Core\Treatment\PieceRule;
use KindHeel\Core\Treatment\PieceState;
use KindHeel\Core\Treatment\Remedy;
use KindHeel\Core\Treatment\Rule;
use KindHeel\Core\Treatment\Step;
use KindHeel\Core\Treatment\Violation;

#[Rule('O-3', 'A tree opens the creases, so that they are cleaned and coloured too.')]
final readonly class TreesBeforeCleaning implements PieceRule
{
    public function judge(PieceState $piece, Step $step): ?Violation
    {
        $half = $step->on[0]->half;
        $creased = array_filter($piece->ofHalf($half), static fn (PartState $s): bool => [] !== array_filter(
            $s->findings,
            static fn (Finding $f): bool => \in_array($f->kind, [FindingKind::Crease, FindingKind::ShapeLost], true),
        ));

        return [] !== $creased && $step->wets() && !$piece->isDone(Action::Tree, $half)
            ? Violation::stop($this, $step, 'Put a tree in first: the creases are closed.', Remedy::first(Step::act(Phase::TakeApart, Action::Tree, array_values(array_filter(array_map(static fn (PartState $s): Place => $s->part->at, $piece->ofHalf($half)), static fn (Place $p): bool => $p->part->isOuter())))))
            : null;
    }
}

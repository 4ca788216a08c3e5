<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Rule;

use KindHeel\Core\Drying\Stage;
use KindHeel\Core\Treatment\Action;
use KindHeel\Core\Treatment\After;
use KindHeel\Core\Treatment\PieceRule;
use KindHeel\Core\Treatment\PieceState;
use KindHeel\Core\Treatment\Remedy;
use KindHeel\Core\Treatment\Rule;
use KindHeel\Core\Treatment\Step;
use KindHeel\Core\Treatment\Violation;

#[Rule('O-28', 'What goes back too early takes up wet product and marks the coat.')]
final readonly class LacesLast implements PieceRule
{
    public function judge(PieceState $piece, Step $step): ?Violation
    {
        $half = $step->on[0]->half;
        if (Action::PutTogether !== $step->action) {
            return $step->laysProduct() && $piece->isDone(Action::PutTogether, $half)
                ? Violation::stop($this, $step, 'It is put together already: take laces and insoles out again first.')
                : null;
        }
        foreach ($piece->all() as $part) {
            $open = \in_array($part->part->at->half, $step->halves(), true) && !$part->part->at->part->isInside() ? $part->unready(Stage::Next, $step) : null;
            if (null !== $open) {
                return Violation::stop($this, $step, \sprintf('The %s outside is not dry yet.', $open->family->label()), Remedy::bind(new After($open->step, Stage::Next)));
            }
        }

        return null;
    }
}

<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Rule;

use KindHeel\Core\Product\Phase;
use KindHeel\Core\Text\Message;
use KindHeel\Core\Treatment\Action;
use KindHeel\Core\Treatment\PieceRule;
use KindHeel\Core\Treatment\PieceState;
use KindHeel\Core\Treatment\Remedy;
use KindHeel\Core\Treatment\Rule;
use KindHeel\Core\Treatment\Step;
use KindHeel\Core\Treatment\Violation;

#[Rule('O-2', 'Dirt hides under laces and insoles, and product must not reach them.')]
final readonly class DetachablesOffFirst implements PieceRule
{
    public function concerns(Step $step): bool
    {
        return $step->laysProduct();
    }

    public function judge(PieceState $piece, Step $step): ?Violation
    {
        if ($piece->isDone(Action::TakeApart, $step->on[0]->half)) {
            return null;
        }
        $off = $piece->detachables();

        return [] === $off
            ? null
            : Violation::stop(
                $this,
                $step,
                Message::of('Take off what comes off before anything goes on.'),
                Remedy::first(Step::act(Phase::TakeApart, Action::TakeApart, $off)),
            );
    }
}

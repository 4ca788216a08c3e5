<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Rule;

use KindHeel\Core\Drying\After;
use KindHeel\Core\Drying\Stage;
use KindHeel\Core\Text\Message;
use KindHeel\Core\Treatment\Action;
use KindHeel\Core\Treatment\PieceRule;
use KindHeel\Core\Treatment\PieceState;
use KindHeel\Core\Treatment\Remedy;
use KindHeel\Core\Treatment\Rule;
use KindHeel\Core\Treatment\Step;
use KindHeel\Core\Treatment\Violation;

#[Rule('O-28', 'What goes back too early takes up wet product and marks the coat.')]
final readonly class LacesLast implements PieceRule
{
    public function concerns(Step $step): bool
    {
        return $step->laysProduct() || Action::PutTogether === $step->action;
    }

    public function judge(PieceState $piece, Step $step): ?Violation
    {
        $half = $step->on[0]->half;
        if (Action::PutTogether !== $step->action) {
            return $piece->isDone(Action::PutTogether, $half)
                ? Violation::stop($this, $step, Message::of('It is put together already: take it apart again first.'))
                : self::inside($this, $piece, $step);
        }
        foreach ($step->halves() as $one) {
            foreach ($piece->ofHalf($one) as $part) {
                $open = $part->unready(Stage::Next, $step);
                if (null !== $open) {
                    return Violation::stop(
                        $this,
                        $step,
                        Message::of('The %s is not dry yet.', $open->family->label()),
                        Remedy::bind(new After($open->step, Stage::Next)),
                    );
                }
            }
        }

        return null;
    }

    private static function inside(self $rule, PieceState $piece, Step $step): ?Violation
    {
        foreach ($step->on as $place) {
            if (!$place->part->isInside() || $place->part->isDetachable() && $piece->isDone(Action::TakeApart, $place->half)) {
                continue;
            }
            foreach ($piece->ofHalf($place->half) as $part) {
                $open = $part->part->at->part->isOuter() ? $part->unready(Stage::Next, $step) : null;
                if (null !== $open) {
                    return Violation::stop($rule, $step, Message::of(
                        'The inside comes when the outside is dry.',
                    ), Remedy::bind(new After($open->step, Stage::Next)))->at(
                        $place,
                    );
                }
            }
        }

        return null;
    }
}

<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Rule;

use KindHeel\Core\Product\Phase;
use KindHeel\Core\Product\Surface;
use KindHeel\Core\Text\Message;
use KindHeel\Core\Treatment\Action;
use KindHeel\Core\Treatment\PieceRule;
use KindHeel\Core\Treatment\PieceState;
use KindHeel\Core\Treatment\Remedy;
use KindHeel\Core\Treatment\Rule;
use KindHeel\Core\Treatment\Step;
use KindHeel\Core\Treatment\Violation;

#[Rule('C-9', 'Nap that was wetted, rubbed or sprayed dries flat.')]
final readonly class NapIsRaisedAtTheEnd implements PieceRule
{
    public function concerns(Step $step): bool
    {
        return Action::HandOver === $step->action || Action::PutTogether === $step->action;
    }

    public function judge(PieceState $piece, Step $step): ?Violation
    {
        foreach ($step->halves() as $half) {
            $down = [];
            foreach ($piece->ofHalf($half) as $state) {
                if ($state->has(Surface::NapDown)) {
                    $down[] = $state->part->at;
                }
            }
            if ([] !== $down) {
                return Violation::stop(
                    $this,
                    $step,
                    Message::of('Raise the nap first, dry, all in one direction.'),
                    Remedy::first(Step::act(Phase::Polish, Action::RaiseNap, $down)),
                );
            }
        }

        return null;
    }
}

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

#[Rule('O-29', 'A soft coat prints, sticks and cracks.')]
final readonly class CureBeforeHandOver implements PieceRule
{
    public function concerns(Step $step): bool
    {
        return Action::HandOver === $step->action;
    }

    public function judge(PieceState $piece, Step $step): ?Violation
    {
        foreach ($piece->all() as $part) {
            foreach ($part->uncured($step) as $open) {
                return Violation::stop(
                    $this,
                    $step,
                    Message::of('The %s has not come to rest: not to be worn or boxed yet.', $open->family->label()),
                    Remedy::bind(new After($open->step, Stage::Full)),
                );
            }
        }

        return null;
    }
}

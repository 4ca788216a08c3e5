<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Rule;

use KindHeel\Core\Drying\After;
use KindHeel\Core\Drying\Stage;
use KindHeel\Core\Product\Family;
use KindHeel\Core\Product\Hazard;
use KindHeel\Core\Text\Message;
use KindHeel\Core\Treatment\Action;
use KindHeel\Core\Treatment\PieceRule;
use KindHeel\Core\Treatment\PieceState;
use KindHeel\Core\Treatment\Remedy;
use KindHeel\Core\Treatment\Rule;
use KindHeel\Core\Treatment\Step;
use KindHeel\Core\Treatment\Violation;

#[Rule('H-3', 'Solvent and spray catch fire until they have flashed off, and so do their rags.')]
final readonly class NoHeatNearSolvent implements PieceRule
{
    public function concerns(Step $step): bool
    {
        return Action::IronCrease === $step->action;
    }

    public function judge(PieceState $piece, Step $step): ?Violation
    {
        foreach ($piece->all() as $part) {
            $open = null !== $part->top() && \in_array(Hazard::Flammable, Family::of($part->top()->family)->hazards, true)
                    ? $part->unready(Stage::Next, $step)
                    : null;
            if (null !== $open) {
                return Violation::stop(
                    $this,
                    $step,
                    Message::of('No iron near the %s until it has flashed off.', $open->family->label()),
                    Remedy::bind(new After($open->step, Stage::Next)),
                );
            }
        }

        return null;
    }
}

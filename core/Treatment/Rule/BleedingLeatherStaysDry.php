<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Rule;

use KindHeel\Core\Material\Outcome;
use KindHeel\Core\Text\Message;
use KindHeel\Core\Treatment\PieceRule;
use KindHeel\Core\Treatment\PieceState;
use KindHeel\Core\Treatment\Rule;
use KindHeel\Core\Treatment\Step;
use KindHeel\Core\Treatment\Violation;

#[Rule('C-18', 'Colour that comes off on a damp cloth runs when it is washed.')]
final readonly class BleedingLeatherStaysDry implements PieceRule
{
    public function concerns(Step $step): bool
    {
        return $step->wets();
    }

    public function judge(PieceState $piece, Step $step): ?Violation
    {
        foreach ($piece->touchedBy($step) as $part) {
            if ($part->showed(Outcome::ColourOffDamp)) {
                return Violation::stop(
                    $this,
                    $step,
                    Message::of('A damp cloth takes colour off the %s: sealed or referred, never washed.', $part->part->at->part->label()),
                )->at($part->part->at);
            }
        }

        return null;
    }
}

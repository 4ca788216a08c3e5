<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Rule;

use KindHeel\Core\Drying\After;
use KindHeel\Core\Drying\Stage;
use KindHeel\Core\Product\Family;
use KindHeel\Core\Product\Surface;
use KindHeel\Core\Text\Message;
use KindHeel\Core\Treatment\PartRule;
use KindHeel\Core\Treatment\PartState;
use KindHeel\Core\Treatment\Remedy;
use KindHeel\Core\Treatment\Rule;
use KindHeel\Core\Treatment\Step;
use KindHeel\Core\Treatment\Violation;

#[Rule('O-18', 'Past its window a coat no longer takes the next: it needs a key.')]
final readonly class RecoatInItsWindow implements PartRule
{
    public function concerns(Step $step): bool
    {
        return $step->laysFilm() && null !== $step->family && null !== Family::of($step->family)->drying->recoatUntilMinutes;
    }

    public function judge(PartState $part, Step $step): ?Violation
    {
        $below = $part->top();
        if (null === $below || $below->family !== $step->family || !$part->has(Surface::CleanFilm)) {
            return null;
        }

        return $below->isLimited($step) ? null : Violation::warn(
            $this,
            $step,
            Message::of('The %s below may be past its window; then key it lightly and wipe it first.', $below->family->label()),
            Remedy::bind(new After($below->step, before: Stage::RecoatUntil)),
        );
    }
}

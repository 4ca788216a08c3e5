<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Rule;

use KindHeel\Core\Product\Applicator;
use KindHeel\Core\Product\FamilyId;
use KindHeel\Core\Product\Surface;
use KindHeel\Core\Text\Message;
use KindHeel\Core\Treatment\PartRule;
use KindHeel\Core\Treatment\PartState;
use KindHeel\Core\Treatment\Rule;
use KindHeel\Core\Treatment\Step;
use KindHeel\Core\Treatment\Violation;

#[Rule('O-21', 'Rubbing pulls the dye; bubbles dry as pale spots.')]
final readonly class SoftFirstFinish implements PartRule
{
    public function concerns(Step $step): bool
    {
        return FamilyId::Resin === $step->family && \in_array($step->applicator, [Applicator::Cloth, Applicator::Fingers, Applicator::Dauber], true);
    }

    public function judge(PartState $part, Step $step): ?Violation
    {
        return $part->has(Surface::Dyed) && 0 === $part->coatsOf(FamilyId::Resin)
            ? Violation::stop($this, $step, Message::of('Lay the first coat on softly with a brush or a spray: do not rub it in.'))
            : null;
    }
}

<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Rule;

use KindHeel\Core\Product\Surface;
use KindHeel\Core\Text\Message;
use KindHeel\Core\Treatment\PartRule;
use KindHeel\Core\Treatment\PartState;
use KindHeel\Core\Treatment\Rule;
use KindHeel\Core\Treatment\Step;
use KindHeel\Core\Treatment\Violation;

#[Rule('O-22', 'Fat creeps under paint that is not sealed.')]
final readonly class SealBeforeFeeding implements PartRule
{
    public function concerns(Step $step): bool
    {
        return $step->laysFat();
    }

    public function judge(PartState $part, Step $step): ?Violation
    {
        return $part->has(Surface::Painted) && !$part->has(Surface::Sealed)
            ? Violation::stop($this, $step, Message::of('Seal the paint before anything that feeds.'))
            : null;
    }
}

<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Rule;

use KindHeel\Core\Product\Effect;
use KindHeel\Core\Text\Message;
use KindHeel\Core\Treatment\PartRule;
use KindHeel\Core\Treatment\PartState;
use KindHeel\Core\Treatment\Rule;
use KindHeel\Core\Treatment\Step;
use KindHeel\Core\Treatment\Violation;

#[Rule('O-9', 'Where nothing is laid anew, stripping is damage.')]
final readonly class StripOnlyWhatIsRefinished implements PartRule
{
    public function concerns(Step $step): bool
    {
        return $step->does(Effect::TakesFinishDown) && !$step->isSpot();
    }

    public function judge(PartState $part, Step $step): ?Violation
    {
        return $part->isToBeRefinished()
            ? null
            : Violation::stop($this, $step, Message::of('Nothing is laid on the %s again: do not take its finish off.', $part->part->at->part->label()));
    }
}

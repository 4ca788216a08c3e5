<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Rule;

use KindHeel\Core\Drying\After;
use KindHeel\Core\Drying\Stage;
use KindHeel\Core\Product\Surface;
use KindHeel\Core\Text\Message;
use KindHeel\Core\Treatment\Action;
use KindHeel\Core\Treatment\PartRule;
use KindHeel\Core\Treatment\PartState;
use KindHeel\Core\Treatment\Remedy;
use KindHeel\Core\Treatment\Rule;
use KindHeel\Core\Treatment\Step;
use KindHeel\Core\Treatment\Violation;

#[Rule('O-7', 'Trapped water blisters, stains and moulds.')]
final readonly class DryBeforeNext implements PartRule
{
    public function concerns(Step $step): bool
    {
        return $step->laysProduct() && !$step->wets() || $step->action->strains() || Action::Mask === $step->action;
    }

    public function judge(PartState $part, Step $step): ?Violation
    {
        $wet = $part->has(Surface::Damp) ? $part->unready(Stage::Next, $step) : null;

        return null === $wet
            ? null
            : Violation::stop($this, $step, Message::of('It is still wet: let it dry fully first.'), Remedy::bind(new After($wet->step, Stage::Next)));
    }
}

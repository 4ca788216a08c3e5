<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Rule;

use KindHeel\Core\Drying\After;
use KindHeel\Core\Drying\Stage;
use KindHeel\Core\Text\Message;
use KindHeel\Core\Treatment\Action;
use KindHeel\Core\Treatment\LaidCoat;
use KindHeel\Core\Treatment\PartRule;
use KindHeel\Core\Treatment\PartState;
use KindHeel\Core\Treatment\Remedy;
use KindHeel\Core\Treatment\Rule;
use KindHeel\Core\Treatment\Step;
use KindHeel\Core\Treatment\Violation;

#[Rule('C-1', 'What a product does to this leather shows only on a hidden place, and only dry.')]
final readonly class TrialBeforeFirstTouch implements PartRule
{
    public function concerns(Step $step): bool
    {
        return $step->laysProduct() || Action::Trial === $step->action;
    }

    public function judge(PartState $part, Step $step): ?Violation
    {
        if (Action::Trial === $step->action) {
            return $part->wasAllTried($step)
                ? Violation::stop($this, $step, Message::of('It has been tried on this leather already: judge that trial when it is dry.'))
                : null;
        }
        if (null === $step->family || !$part->needsTrial()) {
            return null;
        }
        if (!$part->wasTried($step->family)) {
            return Violation::stop(
                $this,
                $step,
                Message::of('Try the %s on a hidden place first, and judge it dry.', $step->family->label()),
                Remedy::first(Step::trial([$part->part->at], [$step->family])),
            );
        }

        $trials = $part->trialsOf($step->family);
        $last = end($trials);
        if (false === $last || [] !== array_filter($trials, static fn (LaidCoat $t): bool => $t->isReady(Stage::Next, $step))) {
            return null;
        }

        return Violation::stop($this, $step, Message::of('The trial is not dry: judge it dry.'), Remedy::bind(new After($last->step, Stage::Next)));
    }
}

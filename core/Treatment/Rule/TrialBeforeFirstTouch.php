<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Rule;

use KindHeel\Core\Drying\After;
use KindHeel\Core\Drying\Stage;
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
        return $step->laysProduct();
    }

    public function judge(PartState $part, Step $step): ?Violation
    {
        if (null === $step->family || !$part->part->needsTrial()) {
            return null;
        }
        if (!$part->wasTried($step->family)) {
            return Violation::stop(
                $this,
                $step,
                \sprintf('Try the %s on a hidden place first, and judge it dry.', $step->family->label()),
                Remedy::first(Step::trial([$part->part->at], [$step->family])),
            );
        }

        return null === $part->trial() || $part->trial()->isReady(Stage::Next, $step) ? null : Violation::stop(
            $this,
            $step,
            'The trial is not dry: judge it dry.',
            Remedy::bind(new After($part->trial()->step, Stage::Next)),
        );
    }
}

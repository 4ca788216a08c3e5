<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Rule;

use KindHeel\Core\Drying\After;
use KindHeel\Core\Drying\Stage;
use KindHeel\Core\Product\Effect;
use KindHeel\Core\Product\FamilyId;
use KindHeel\Core\Text\Message;
use KindHeel\Core\Treatment\PartRule;
use KindHeel\Core\Treatment\PartState;
use KindHeel\Core\Treatment\Remedy;
use KindHeel\Core\Treatment\Rule;
use KindHeel\Core\Treatment\Step;
use KindHeel\Core\Treatment\Violation;

#[Rule('C-17', 'Fat and solvent creep into cement that has not cured: a day.')]
final readonly class NothingOverFreshCement implements PartRule
{
    public function concerns(Step $step): bool
    {
        return $step->laysFat() || $step->does(Effect::Degreases) || FamilyId::DyeSpirit === $step->family;
    }

    public function judge(PartState $part, Step $step): ?Violation
    {
        return null === $part->cement() || $part->cement()->isReady(Stage::Full, $step) ? null : Violation::stop(
            $this,
            $step,
            Message::of('The cement is fresh: leave it for a day.'),
            Remedy::bind(new After($part->cement()->step, Stage::Full)),
        );
    }
}

<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Rule;

use KindHeel\Core\Finding\FindingKind;
use KindHeel\Core\Product\Applicator;
use KindHeel\Core\Product\Effect;
use KindHeel\Core\Product\FamilyId;
use KindHeel\Core\Product\Phase;
use KindHeel\Core\Product\Surface;
use KindHeel\Core\Text\Message;
use KindHeel\Core\Treatment\PartRule;
use KindHeel\Core\Treatment\PartState;
use KindHeel\Core\Treatment\Remedy;
use KindHeel\Core\Treatment\Rule;
use KindHeel\Core\Treatment\Step;
use KindHeel\Core\Treatment\Violation;

#[Rule('C-15', 'Silicone and old repellent make craters under paint: strip or refuse.')]
final readonly class NothingOverSilicone implements PartRule
{
    public function concerns(Step $step): bool
    {
        return $step->laysFilm() && !$step->does(Effect::Bonds);
    }

    public function judge(PartState $part, Step $step): ?Violation
    {
        return $part->hasFinding(FindingKind::Silicone) && !$part->has(Surface::Stripped)
            ? Violation::stop(
                $this,
                $step,
                Message::of('Take the silicone off first.'),
                Remedy::first(Step::lay(Phase::Strip, FamilyId::SolventMild, Applicator::Cloth, [$part->part->at])),
            )
            : null;
    }
}

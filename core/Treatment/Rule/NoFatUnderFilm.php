<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Rule;

use KindHeel\Core\Product\Applicator;
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

#[Rule('O-13', 'Paint, dye and dressing do not hold on fat.')]
final readonly class NoFatUnderFilm implements PartRule
{
    public function concerns(Step $step): bool
    {
        return $step->laysFilm();
    }

    public function judge(PartState $part, Step $step): ?Violation
    {
        return $part->has(Surface::Fat)
            ? Violation::stop(
                $this,
                $step,
                Message::of('Degrease first: there is oil, cream or wax where this film would go.'),
                Remedy::first(Step::lay(Phase::Degrease, FamilyId::Alcohol, Applicator::Cloth, [$part->part->at])),
            )
            : null;
    }
}

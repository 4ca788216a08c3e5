<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Rule;

use KindHeel\Core\Drying\After;
use KindHeel\Core\Drying\Stage;
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

#[Rule('O-12', 'Oil, wax and fingerprints make craters and peeling.')]
final readonly class DegreaseWithinTheHour implements PartRule
{
    private const MINUTES = 60.0;

    public function concerns(Step $step): bool
    {
        return $step->laysFilm();
    }

    public function judge(PartState $part, Step $step): ?Violation
    {
        if ($part->has(Surface::CleanFilm)) {
            return null;
        }
        if (null === $part->degreasedBy()) {
            return Violation::stop(
                $this,
                $step,
                Message::of('Degrease within the hour before, and keep bare fingers off.'),
                Remedy::first(Step::lay(Phase::Degrease, FamilyId::Alcohol, Applicator::Cloth, [$part->part->at])),
            );
        }
        $bond = $step->bondTo($part->degreasedBy());

        return null !== $bond?->withinMinutes && $bond->withinMinutes <= self::MINUTES ? null : Violation::stop(
            $this,
            $step,
            Message::of('More than an hour may have passed since it was degreased.'),
            Remedy::bind(new After($part->degreasedBy(), Stage::Next, self::MINUTES)),
        );
    }
}

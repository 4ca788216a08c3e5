<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Rule;

use KindHeel\Core\Drying\After;
use KindHeel\Core\Drying\Stage;
use KindHeel\Core\Product\Applicator;
use KindHeel\Core\Product\FamilyId;
use KindHeel\Core\Product\Phase;
use KindHeel\Core\Text\Message;
use KindHeel\Core\Treatment\Action;
use KindHeel\Core\Treatment\PartRule;
use KindHeel\Core\Treatment\PartState;
use KindHeel\Core\Treatment\Remedy;
use KindHeel\Core\Treatment\Rule;
use KindHeel\Core\Treatment\Step;
use KindHeel\Core\Treatment\Violation;

#[Rule('W-9', 'Cement joins only between dry to the knuckle and the end of its open time.')]
final readonly class JoinInOpenTime implements PartRule
{
    private const OPEN_MINUTES = 40.0;

    public function concerns(Step $step): bool
    {
        return Action::Bond === $step->action;
    }

    public function judge(PartState $part, Step $step): ?Violation
    {
        if (null === $part->cement()) {
            return $part->hasHad(FamilyId::Cement)
                ? null
                : Violation::stop(
                    $this,
                    $step,
                    Message::of('Coat both faces with cement first.'),
                    Remedy::first(Step::lay(Phase::Repair, FamilyId::Cement, Applicator::Brush, [$part->part->at])),
                );
        }
        $bond = $step->bondTo($part->cement()->step);

        return null !== $bond && $bond->covers(Stage::Touch) && null !== $bond->withinMinutes && $bond->withinMinutes <= self::OPEN_MINUTES
            ? null
            : Violation::stop(
                $this,
                $step,
                Message::of('Join when the cement is dry to the knuckle, and within forty minutes; after that coat it again.'),
                Remedy::bind(new After($part->cement()->step, Stage::Touch, self::OPEN_MINUTES)),
            );
    }
}

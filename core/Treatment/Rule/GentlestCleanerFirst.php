<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Rule;

use KindHeel\Core\Anatomy\PartName;
use KindHeel\Core\Assessment\Finding;
use KindHeel\Core\Finding\FindingGroup;
use KindHeel\Core\Finding\Severity;
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

#[Rule('O-5', 'Every rung of the cleaning ladder takes finish with it.')]
final readonly class GentlestCleanerFirst implements PartRule
{
    private const STRONGER = [
        FamilyId::CleanerCream, FamilyId::CleanerNeutral, FamilyId::FoamCleaner, FamilyId::Soap, FamilyId::Wash, FamilyId::SolventMild,
        FamilyId::Deglosser,
    ];
    private const GENTLER = [
        FamilyId::DampCloth, FamilyId::CleanerCream, FamilyId::CleanerNeutral, FamilyId::FoamCleaner, FamilyId::SaltWash, FamilyId::Soap,
        FamilyId::SuedeCleaner,
    ];

    public function concerns(Step $step): bool
    {
        return \in_array($step->family, self::STRONGER, true) || FamilyId::SuedeCleaner === $step->family;
    }

    public function judge(PartState $part, Step $step): ?Violation
    {
        if (FamilyId::SuedeCleaner === $step->family) {
            return $part->wasErased()
                ? null
                : Violation::stop(
                    $this,
                    $step,
                    Message::of('Try the eraser first, dry and in one direction.'),
                    Remedy::first(Step::act(Phase::DryClean, Action::Erase, [$part->part->at])),
                );
        }

        return $part->hasHad(...self::GENTLER) || self::isFirstRung($part, $step) || PartName::Laces === $part->part->at->part
            ? null
            : Violation::stop(
                $this,
                $step,
                Message::of('Try the barely damp cloth first, and look at the dry result.'),
                Remedy::first(Step::lay(Phase::Clean, FamilyId::DampCloth, Applicator::Cloth, [$part->part->at])),
            );
    }

    /** What is seen at arm's length is begun with the cream that also feeds: a damp cloth before it would be wiped for nothing. */
    private static function isFirstRung(PartState $part, Step $step): bool
    {
        return FamilyId::CleanerCream === $step->family && [] !== array_filter(
            $part->findings,
            static fn (Finding $f): bool => $f->severity->atLeast(Severity::AtArmsLength)
                && \in_array($f->kind->group(), [FindingGroup::Dirt, FindingGroup::Salts, FindingGroup::Residue, FindingGroup::Colour], true),
        );
    }
}

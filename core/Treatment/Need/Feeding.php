<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Need;

use KindHeel\Core\Anatomy\Half;
use KindHeel\Core\Assessment\Part;
use KindHeel\Core\Drying\Stage;
use KindHeel\Core\Finding\FindingKind;
use KindHeel\Core\Material\Dryness;
use KindHeel\Core\Material\Property;
use KindHeel\Core\Product\Applicator;
use KindHeel\Core\Product\FamilyId;
use KindHeel\Core\Product\Phase;
use KindHeel\Core\Treatment\Step;
use KindHeel\Core\Treatment\Wish\School;

/** Thirst: what kind of fat, how often, and where none may go. */
final readonly class Feeding
{
    public function __construct(private Brief $brief)
    {
    }

    /** @return list<Need> */
    public function needs(Half $half): array
    {
        $coats = [];
        foreach (
            $this->brief->parts($half, static fn (Part $p): bool => $p->at->part->isOuter() || $p->at->part->isEdge() || $p->at->part->isInside()) as $part
        ) {
            $family = $this->food($part);
            $times = null === $family ? 0 : $this->times($part);
            for ($coat = 1; $coat <= $times; ++$coat) {
                $coats[$family->value][$coat][] = $part;
            }
        }
        $needs = [];
        foreach ($coats as $id => $byCoat) {
            foreach ($byCoat as $coat => $parts) {
                $needs[] = $this->coat(FamilyId::from($id), $coat, \count($byCoat), $parts);
            }
        }

        return $needs;
    }

    /** What a part is fed with; null when nothing may feed it. */
    public function food(Part $part): ?FamilyId
    {
        if ($this->brief->grips($part)) {
            return null;
        }
        $oil = 'oil' === $this->brief->wishes->schools->side(School::Feeding, 'cream');

        return $oil && $part->material->is(Property::TakesOil) && Dryness::Supple !== $part->dryness ? FamilyId::Oil : $part->material->profile()->food;
    }

    private function times(Part $part): int
    {
        if ($part->material->isEdge()) {
            // The edge ladder feeds with cream; where no colour may go, with conditioner.
            return !$this->brief->freshens($part) && $this->brief->worst($part->at, FindingKind::StackDry, FindingKind::StackSplit, FindingKind::EdgeWorn) > 0
                ? 1
                : 0;
        }
        $stripped = $this->brief->worst(
            $part->at,
            FindingKind::Mud,
            FindingKind::GroundInDirt,
            FindingKind::BodyGrease,
            FindingKind::RoadSalt,
            FindingKind::SweatSalt,
        ) > 2
            || (null !== (new Colouring($this->brief))->family($part) && !$part->material->hasFilm())
            || ($part->material->isReptile() && $this->brief->worst($part->at, FindingKind::LiftedScales) > 0);

        return match ($part->dryness) {
            Dryness::Stiff => 2,
            Dryness::Thirsty => 1,
            default => $stripped && !$part->at->part->isInside() ? 1 : 0,
        };
    }

    /** @param non-empty-list<Part> $parts */
    private function coat(FamilyId $family, int $coat, int $coats, array $parts): Need
    {
        $applicator = 'cloth' === $this->brief->wishes->schools->side(School::Conditioner, 'fingers') || FamilyId::Oil === $family
                ? Applicator::Cloth
                : Applicator::Fingers;
        $dry = array_filter($parts, static fn (Part $p): bool => Dryness::Supple !== $p->dryness);

        return new Need(
            Step::lay(Phase::Condition, $family, $applicator, Brief::places($parts), $coat, $coats),
            Rank::CONDITION + $coat,
            match (true) {
                $coat > 1 => 'Stiff leather is fed a second time when the first has sunk in, overnight where it can.',
                [] === $dry => 'What was washed, dyed or lifted has lost fat.',
                default => \sprintf(
                    'The %s %s thirsty.',
                    PlaceWords::parts(Brief::places($dry)),
                    PlaceWords::are(array_unique(array_map(static fn (Part $p): string => $p->at->part->value, $dry))),
                ),
            },
            FamilyId::Oil === $family ? ['O-7', 'W-10', 'H-4'] : ['O-7', 'W-10'],
            null,
            1 === $coat ? null : Stage::Full,
        );
    }
}

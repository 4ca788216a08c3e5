<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Need;

use KindHeel\Core\Anatomy\Half;
use KindHeel\Core\Anatomy\PartName;
use KindHeel\Core\Assessment\Part;
use KindHeel\Core\Assessment\PlaceWords;
use KindHeel\Core\Drying\Stage;
use KindHeel\Core\Finding\FindingKind;
use KindHeel\Core\Material\Dryness;
use KindHeel\Core\Material\Property;
use KindHeel\Core\Product\Applicator;
use KindHeel\Core\Product\FamilyId;
use KindHeel\Core\Product\Phase;
use KindHeel\Core\Text\Message;
use KindHeel\Core\Treatment\Action;
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
                if ($coat > 1) {
                    $firm = array_values(array_filter($parts, fn (Part $p): bool => $this->hasClimbed($p)));
                    $held = array_values(array_filter($parts, fn (Part $p): bool => !$this->hasClimbed($p)));
                    $needs = [
                        ...$needs,
                        ...[] === $firm ? [] : [$this->coat(FamilyId::from($id), $coat, \count($byCoat), $firm)],
                        ...[] === $held ? [] : [$this->look($id, $held), $this->coat(FamilyId::from($id), $coat, \count($byCoat), $held, 'thirst/'.$id)],
                    ];
                    continue;
                }
                $needs[] = $this->coat(FamilyId::from($id), $coat, \count($byCoat), $parts);
            }
        }

        return $needs;
    }

    private function hasClimbed(Part $part): bool
    {
        return ($this->brief->wishes->climbed[Ladder::Thirst->key($part->at)] ?? 0) > 0;
    }

    /** @param non-empty-list<Part> $parts */
    private function look(string $family, array $parts): Need
    {
        return new Need(
            Step::act(Phase::Condition, Action::Gate, Brief::places($parts), Ladder::Thirst->look(1)),
            Rank::CONDITION + 2,
            Message::of('Stiff leather may want more than one coat: the next day shows it.'),
            ['O-5', 'W-10', 'J-2'],
            restsFrom: Stage::Full,
            look: 'thirst/'.$family,
        );
    }

    /** What a part is fed with; null when nothing may feed it. */
    public function food(Part $part): ?FamilyId
    {
        if ($this->brief->grips($part) || PartName::Insole === $part->at->part) {
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
            || $this->brief->isRubbedWarm($part)
            || ($part->material->isReptile() && $this->brief->worst($part->at, FindingKind::LiftedScales) > 0);

        return match ($part->dryness) {
            Dryness::Stiff => 2,
            Dryness::Thirsty => 1,
            default => $stripped && !$part->at->part->isInside() ? 1 : 0,
        };
    }

    /** @param non-empty-list<Part> $parts */
    private function coat(FamilyId $family, int $coat, int $coats, array $parts, ?string $look = null): Need
    {
        $applicator = 'cloth' === $this->brief->wishes->schools->side(School::Conditioner, 'fingers') || FamilyId::Oil === $family
                ? Applicator::Cloth
                : Applicator::Fingers;
        $dry = array_filter($parts, static fn (Part $p): bool => Dryness::Supple !== $p->dryness);

        return new Need(
            Step::lay(Phase::Condition, $family, $applicator, Brief::places($parts), $coat, $coats),
            Rank::CONDITION + 2 * $coat - 1,
            match (true) {
                $coat > 1 => Message::of('Stiff leather is fed a second time when the first has sunk in, overnight where it can.'),
                [] === $dry && $this->areRubbedWarm($parts) => Message::of('A mark on undyed leather drinks first: fat closes it.'),
                [] === $dry => Message::of('What was washed, dyed or lifted has lost fat.'),
                default => Message::of('The %s thirsty.', PlaceWords::partsAre(Brief::places($dry), $this->brief->piece)),
            },
            FamilyId::Oil === $family ? ['O-7', 'W-10', 'H-4'] : ['O-7', 'W-10'],
            null,
            1 === $coat ? null : Stage::Full,
            heldBehind: $look,
        );
    }

    /** @param list<Part> $parts */
    private function areRubbedWarm(array $parts): bool
    {
        return [] === array_filter($parts, fn (Part $p): bool => !$this->brief->isRubbedWarm($p));
    }
}

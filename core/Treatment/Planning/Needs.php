<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Planning;

use KindHeel\Core\Assessment\FindingKind;
use KindHeel\Core\Assessment\Gloss;
use KindHeel\Core\Assessment\Half;
use KindHeel\Core\Assessment\Part;
use KindHeel\Core\Assessment\PartName;
use KindHeel\Core\Assessment\Phrase;
use KindHeel\Core\Assessment\Piece;
use KindHeel\Core\Assessment\Place;
use KindHeel\Core\Assessment\Severity;
use KindHeel\Core\Colour\Shade;
use KindHeel\Core\Drying\Stage;
use KindHeel\Core\Material\Dryness;
use KindHeel\Core\Treatment\Action;
use KindHeel\Core\Treatment\Applicator;
use KindHeel\Core\Treatment\FamilyId;
use KindHeel\Core\Treatment\Phase;
use KindHeel\Core\Treatment\Step;

/** What a piece calls for: findings and dryness, against the aim, on the lowest rung of each ladder that can work. */
final readonly class Needs
{
    private const CLEANED = [
        FindingKind::Mud, FindingKind::GroundInDirt, FindingKind::BodyGrease, FindingKind::OldPolish, FindingKind::WaxBuildUp,
        FindingKind::Odour, FindingKind::ColourTransfer, FindingKind::DarkHandling, FindingKind::Insects,
    ];
    private const COLOURED = [
        FindingKind::Faded, FindingKind::Patchy, FindingKind::Scuff, FindingKind::Scratch, FindingKind::BleachedSpot,
        FindingKind::WaterRing, FindingKind::DarkHandling,
    ];
    private const EDGE = [
        FindingKind::EdgeWorn, FindingKind::Scuff, FindingKind::Scratch, FindingKind::Faded, FindingKind::Patchy,
        FindingKind::StackDry, FindingKind::StackSplit,
    ];

    private PairView $pair;

    public function __construct(private Piece $piece)
    {
        $this->pair = new PairView($piece);
    }

    /** @return list<Wanted> in no order yet */
    public function all(): array
    {
        $wanted = $this->opening();
        foreach ($this->piece->kind->halves() as $half) {
            $wanted = [...$wanted, ...$this->cleaning($half), ...$this->feeding($half), ...$this->colour($half), ...$this->edges($half), ...$this->wax($half)];
        }

        return [...$wanted, ...$this->ending()];
    }

    /** @return list<Wanted> */
    private function cleaning(Half $half): array
    {
        $outside = self::places($this->pair->outside($half));
        $upper = $this->pair->upper($half);
        if ([] === $outside) {
            return [];
        }
        $wanted = [
            new Wanted(Step::act(Phase::DryClean, Action::DustOff, $outside), Rank::DUST, 'Dust and grit come off before any cloth.', ['O-4']),
            new Wanted(Step::lay(Phase::Clean, FamilyId::DampCloth, Applicator::Cloth, $outside), Rank::DAMP, 'The gentlest cleaner comes first.', ['O-5', 'C-6']),
        ];
        if ([] !== $upper) {
            $wanted[] = new Wanted(Step::act(Phase::TakeApart, Action::Tree, self::places($upper)), Rank::TREE, 'What is filled out holds its shape while it is worked on, and its creases open.', ['O-3']);
        }
        $dirty = array_filter($upper, fn (Part $p): bool => $this->pair->worst($p->at, ...self::CLEANED)->atLeast(Severity::OnlyWhenLookedFor) || Dryness::Stiff === $p->dryness);
        if ([] !== $dirty) {
            $labels = $this->pair->labels(self::places($dirty), ...self::CLEANED);
            $wanted[] = new Wanted(
                Step::lay(Phase::Clean, FamilyId::CleanerCream, Applicator::Cloth, self::places($dirty)),
                Rank::CLEAN,
                [] === $labels ? 'Stiff leather is cleaned with something that feeds.' : \sprintf('A damp cloth does not lift %s.', Phrase::list($labels)),
                ['O-5', 'O-6'],
            );
        }

        return $wanted;
    }

    /** @return list<Wanted> */
    private function feeding(Half $half): array
    {
        $thirsty = array_filter(
            [...$this->pair->upper($half), ...$this->pair->edges($half)],
            fn (Part $p): bool => $this->feeds($p) > 0,
        );
        $stiff = array_filter($thirsty, fn (Part $p): bool => $this->feeds($p) > 1);
        $coats = [] === $stiff ? 1 : 2;
        $wanted = [];
        foreach ([1 => $thirsty, 2 => $stiff] as $coat => $parts) {
            if ([] !== $parts) {
                $wanted[] = new Wanted(
                    Step::lay(Phase::Condition, FamilyId::Conditioner, Applicator::Fingers, self::places($parts), $coat, $coats),
                    Rank::CONDITION + $coat,
                    1 === $coat ? \sprintf('The %s %s thirsty.', Words::parts(self::places($parts)), Words::are($parts)) : 'Stiff leather is fed a second time when the first has sunk in, overnight where it can.',
                    ['O-7'],
                    null,
                    1 === $coat ? null : Stage::Full,
                );
            }
        }

        return $wanted;
    }

    private function feeds(Part $part): int
    {
        if ($part->at->part->isEdge()) {
            return $this->pair->worst($part->at, FindingKind::StackDry, FindingKind::StackSplit)->atLeast(Severity::OnlyWhenLookedFor) ? 1 : 0;
        }

        return match ($part->dryness) {
            Dryness::Stiff => 2,
            Dryness::Thirsty => 1,
            default => 0,
        };
    }

    /** @return list<Wanted> */
    private function colour(Half $half): array
    {
        $upper = $this->pair->upper($half);
        $wanted = [];
        foreach (self::byShade($upper) as $order => $parts) {
            $shade = $this->tint($upper) ? $parts[0]->shade : null;
            $twice = null === $shade ? [] : array_filter($parts, fn (Part $p): bool => $this->pair->worstOfPair($p->at, ...self::COLOURED)->atLeast(Severity::FirstThingSeen));
            $coats = [] === $twice ? 1 : 2;
            foreach ([1 => $parts, 2 => $twice] as $coat => $on) {
                if ([] !== $on) {
                    $wanted[] = new Wanted(
                        Step::lay(Phase::Polish, FamilyId::Cream, Applicator::Cloth, self::places($on), $coat, $coats),
                        Rank::CREAM + $coat,
                        null === $shade ? 'Neutral cream feeds and keeps every sign of age.' : \sprintf('Cream brings the colour back: %s.', Phrase::list($this->pair->labels(self::places($on), ...self::COLOURED) ?: ['the pair is coloured as one'])),
                        null === $shade ? ['O-23'] : ['O-23', 'O-19', 'J-7'],
                        $shade,
                        null,
                        $order,
                    );
                }
            }
        }
        if ([] !== $upper) {
            $wanted[] = new Wanted(Step::act(Phase::Polish, Action::Buff, self::places($upper)), Rank::BUFF_CREAM, 'Cream shines by brushing once it has hazed.', ['W-1']);
        }

        return $wanted;
    }

    /**
     * Colour is added where the aim allows it and something on either half asks for it.
     *
     * @param list<Part> $upper
     */
    private function tint(array $upper): bool
    {
        if (!$this->piece->agreed->aim->addsColour()) {
            return false;
        }
        foreach ($upper as $part) {
            if ($this->pair->worstOfPair($part->at, ...self::COLOURED)->atLeast(Severity::OnlyWhenLookedFor)) {
                return true;
            }
        }

        return false;
    }

    /** @return list<Wanted> */
    private function edges(Half $half): array
    {
        if (!$this->piece->agreed->aim->addsColour()) {
            return [];
        }
        $worn = array_filter($this->pair->edges($half), fn (Part $p): bool => $this->piece->agreed->aim->rebuilds()
            || $this->pair->worstOfPair($p->at, ...self::EDGE)->atLeast(Severity::OnlyWhenLookedFor));
        $bare = array_filter($worn, fn (Part $p): bool => $this->pair->worstOfPair($p->at, ...self::EDGE)->atLeast(Severity::FirstThingSeen));
        $coats = [] === $bare ? 1 : 2;
        $wanted = [];
        foreach ([1 => $worn, 2 => $bare] as $coat => $parts) {
            if ([] !== $parts) {
                $labels = $this->pair->labels(self::places($parts), ...self::EDGE);
                $wanted[] = new Wanted(
                    Step::lay(Phase::Edges, FamilyId::EdgeDressing, Applicator::Dauber, self::places($parts), $coat, $coats),
                    Rank::DRESS + $coat,
                    [] === $labels ? 'A clean dressed edge finishes the shoe.' : \sprintf('Dressing covers %s.', Phrase::list($labels)),
                    ['O-24', 'J-7'],
                    array_values($parts)[0]->shade,
                );
            }
        }

        return $wanted;
    }

    /** @return list<Wanted> */
    private function wax(Half $half): array
    {
        $upper = $this->pair->upper($half);
        $all = [...$upper, ...$this->pair->edges($half)];
        $caps = array_values(array_filter($upper, static fn (Part $p): bool => \in_array($p->at->part, [PartName::Toe, PartName::Counter], true)));
        $layers = match ($this->piece->agreed->gloss) {
            Gloss::Matt => [],
            Gloss::Satin => [1 => $all],
            Gloss::Glow => [1 => $all, 2 => $upper],
            Gloss::Mirror => [1 => $all, 2 => $upper, 3 => $caps, 4 => $caps, 5 => $caps],
        };
        $wanted = [];
        foreach (array_filter($layers) as $coat => $parts) {
            $rank = Rank::WAX + 10 * $coat;
            $tinted = $this->piece->agreed->aim->addsColour() && \in_array($coat, [1, 2], true) && 1 === \count(self::byShade($upper));
            $wanted[] = new Wanted(
                Step::lay(Phase::Polish, FamilyId::Wax, Applicator::Cloth, self::places($parts), $coat, \count($layers)),
                $rank,
                $coat > 2 ? 'A mirror is built on toe and counter only, where the leather does not bend.' : \sprintf('Wax covers what the cream has coloured; %s is what was asked for.', $this->piece->agreed->gloss->value),
                $coat > 1 ? ['O-23', 'J-4'] : ['O-23'],
                $tinted ? $parts[0]->shade : null,
            );
            $wanted[] = new Wanted(Step::act(Phase::Polish, Action::Buff, self::places($parts), $coat, \count($layers)), $rank + 1, 'Wax shines by brushing once it has hazed.', ['W-1']);
        }

        return $wanted;
    }

    /** @return list<Wanted> */
    private function opening(): array
    {
        $off = $this->detachable();

        return array_values(array_filter([
            [] === $off ? null : new Wanted(Step::act(Phase::TakeApart, Action::TakeApart, $off), Rank::TAKE_APART, 'What comes off is treated apart, or not at all.', ['O-2', 'S-3']),
            new Wanted(Step::act(Phase::Record, Action::Photograph, self::places($this->piece->parts)), Rank::RECORD, 'How it came in is kept before anything is touched.', ['O-1']),
        ]));
    }

    /** @return list<Place> */
    private function detachable(): array
    {
        return array_values(array_filter(self::places($this->piece->parts), static fn (Place $p): bool => $p->part->isDetachable()));
    }

    /** @return list<Wanted> */
    private function ending(): array
    {
        $everything = self::places($this->piece->parts);
        $off = $this->detachable();

        return array_values(array_filter([
            [] === $off ? null : new Wanted(Step::act(Phase::PutTogether, Action::PutTogether, $off), Rank::TOGETHER, 'What was taken off goes back last, ticked off the list.', ['O-28', 'S-3']),
            new Wanted(Step::act(Phase::HandOver, Action::HandOver, $everything), Rank::HAND_OVER, $this->piece->kind->isPair() ? 'The pair is looked at side by side, in the light it will be seen in.' : 'It is looked at all round, in the light it will be seen in.', $this->piece->kind->isPair() ? ['O-29', 'S-1'] : ['O-29']),
        ]));
    }

    /**
     * Parts of one shade together, the palest last (C-12).
     *
     * @param list<Part> $parts
     *
     * @return list<non-empty-list<Part>>
     */
    private static function byShade(array $parts): array
    {
        $groups = [];
        foreach ($parts as $part) {
            $groups[$part->shade->value][] = $part;
        }
        uksort($groups, static fn (string $a, string $b): int => Shade::from($a)->lab()->lightness <=> Shade::from($b)->lab()->lightness);

        return array_values($groups);
    }

    /**
     * @param array<Part> $parts
     *
     * @return list<Place>
     */
    private static function places(array $parts): array
    {
        return array_values(array_map(static fn (Part $p): Place => $p->at, $parts));
    }
}

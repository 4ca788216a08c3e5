<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Need;

use KindHeel\Core\Anatomy\PieceFamily;
use KindHeel\Core\Assessment\Flag;
use KindHeel\Core\Assessment\Part;
use KindHeel\Core\Assessment\Patina;
use KindHeel\Core\Drying\Stage;
use KindHeel\Core\Finding\FindingKind;
use KindHeel\Core\Material\Dryness;
use KindHeel\Core\Material\Material;
use KindHeel\Core\Product\Applicator;
use KindHeel\Core\Product\FamilyId;
use KindHeel\Core\Product\Phase;
use KindHeel\Core\Text\Message;
use KindHeel\Core\Text\Phrase;
use KindHeel\Core\Treatment\Action;
use KindHeel\Core\Treatment\Step;
use KindHeel\Core\Treatment\Wish\School;

/** Dirt on the lowest rung of its ladder that can work, and the rungs above it held back behind looks (O-5). */
final readonly class DirtLadder
{
    public const DIRT = [
        FindingKind::Mud, FindingKind::GroundInDirt, FindingKind::BodyGrease, FindingKind::ColourTransfer,
        FindingKind::DarkHandling, FindingKind::Insects, FindingKind::Mould,
    ];
    /** What the school that starts dry still wets: caustic or sticky. */
    public const CAUSTIC = [
        FindingKind::RoadSalt, FindingKind::SweatSalt, FindingKind::Mould, FindingKind::Insects, FindingKind::Glue, FindingKind::Tar,
        FindingKind::WaterRing,
    ];

    public function __construct(private Brief $brief)
    {
    }

    /**
     * The rung that the dirt asks for, and those above it, each held back until a look at the dry result says that it is needed.
     *
     * @param list<Part> $outside
     *
     * @return list<Need>
     */
    public function needs(array $outside): array
    {
        $firm = $climbs = $ladders = [];
        foreach ($outside as $part) {
            [$now, $later] = $this->ladder($part);
            if (null !== $now) {
                $firm[$now->value][] = $part;
            }
            $ladder = implode('/', array_column($later, 'value'));
            $ladders[$ladder] = $later;
            $climbs[$ladder][] = $part;
        }
        if (isset($firm[FamilyId::Wash->value])) {
            // All of it, not the dirty panels alone.
            [$firm, $climbs] = [[FamilyId::Wash->value => $outside], []];
        }
        $needs = [];
        foreach ($firm as $id => $parts) {
            $needs[] = $this->rung(FamilyId::from($id), $parts);
        }
        foreach ($climbs as $ladder => $parts) {
            $before = null;
            foreach ($ladders[$ladder] as $number => $family) {
                // Parts that climb the same rungs are looked at together.
                $look = 'dirt/'.$family->value.'/'.$ladder;
                $needs[] = new Need(
                    Step::act(Phase::Clean, Action::Gate, Brief::places($parts), Ladder::Dirt->look($number + 1)),
                    Rank::CLEAN + 2 * self::height($family) - 1,
                    Phrase::sentence('%s: only where it is still there comes the next rung, %s.', Phrase::list($this->labels($parts)), $family->label()),
                    ['O-5'],
                    restsFrom: Stage::Next,
                    look: $look,
                    heldBehind: $before,
                );
                $needs[] = $this->rung($family, $parts, $look);
                $before = $look;
            }
        }

        return $needs;
    }

    /**
     * @param list<Part> $parts
     *
     * @return list<string>
     */
    private function labels(array $parts): array
    {
        return $this->brief->labels(Brief::places($parts), ...self::DIRT, ...Stains::RESIDUE);
    }

    /** @param list<Part> $parts */
    private function rung(FamilyId $family, array $parts, ?string $look = null): Need
    {
        $labels = $this->labels($parts);

        return new Need(
            Step::lay(Phase::Clean, $family, self::applicator($family), Brief::places($parts)),
            Rank::CLEAN + 2 * self::height($family),
            match (true) {
                null !== $look => Phrase::sentence('Only if the look says so: %s that is still there.', Phrase::list($labels)),
                [] !== $labels => Message::of('A damp cloth does not lift %s.', Phrase::list($labels)),
                self::isYellow($parts, $this->brief) => Message::of('Yellowed rubber is cleaned before it is judged: some of it is only dirt.'),
                'wash-first' === $this->brief->wishes->schools->side(School::Cleaning, '') => Message::of('Here every job starts with water and a cleaner.'),
                default => Message::of('Stiff leather is cleaned with something that feeds.'),
            },
            null === $look ? ['O-5', 'O-6'] : ['O-5', 'O-6', 'J-2'],
            areaDm2: FamilyId::Alcohol === $family
                ? array_sum(array_map(fn (Part $p): float => min(0.5, 0.1 * $this->brief->piece->areaDm2($p->at)), $parts))
                : null,
            otherwise: FamilyId::CleanerNeutral === $family ? FamilyId::CleanerCream : (FamilyId::Wash === $family ? FamilyId::FoamCleaner : null),
            heldBehind: $look,
        );
    }

    /**
     * Where a part begins on its ladder, and how far it may climb: dirt that shows only when looked for one rung, what is seen at once to the top.
     *
     * @return array{FamilyId|null, array<int, FamilyId>} the rungs above by their height, so that each look has a number of its own
     */
    private function ladder(Part $part): array
    {
        $dryFirst = 'dry-first' === $this->brief->wishes->schools->side(School::Cleaning, 'damp-first');
        if ($dryFirst && 0 === $this->brief->worst($part->at, FindingKind::BodyGrease, ...self::CAUSTIC)) {
            // Mud is brushed off dry; water is for what is caustic or sticky.
            return [null, []];
        }
        $first = $this->cleaner($part);
        $dirt = $this->dirt($part);
        $rungs = array_values(array_unique(array_map(
            fn (FamilyId $f): FamilyId => FamilyId::CleanerCream === $f && $this->brief->grips($part) ? FamilyId::CleanerNeutral : $f,
            $part->material->profile()->cleaners,
        ), \SORT_REGULAR));
        if (0 === $dirt || FamilyId::Wash === $first || [] === $rungs || FindingKind::Mould === $this->only($part)) {
            return [$first, []];
        }
        if ($part->material->hasFilm() && !$part->material->losesColourToSolvent() && $part->material->isLeather()) {
            $rungs[] = FamilyId::Alcohol;
        }
        $at = 1 === $dirt ? -1 : (int) array_search($first, $rungs, true);
        $climbed = $this->brief->wishes->climbed[Ladder::Dirt->key($part->at)] ?? 0;
        $most = 1 === $dirt ? 0 : \count($rungs) - 1;
        $at = min($most, $at + $climbed);

        return [$at < 0 ? null : $rungs[$at], \array_slice($rungs, $at + 1, $most - $at, true)];
    }

    /** The one kind of dirt on a part; null where there are several. */
    private function only(Part $part): ?FindingKind
    {
        $kinds = array_unique(array_column($this->brief->findings($part->at, ...self::DIRT), 'kind'), \SORT_REGULAR);

        return 1 === \count($kinds) ? array_values($kinds)[0] : null;
    }

    /** @param list<Part> $parts */
    private static function isYellow(array $parts, Brief $brief): bool
    {
        return [] !== array_filter($parts, static fn (Part $p): bool => $brief->worst($p->at, FindingKind::YellowedRubber) > 0);
    }

    /** The rung above the damp cloth that a part needs; null when the cloth is enough. */
    private function cleaner(Part $part): ?FamilyId
    {
        $dirt = $this->dirt($part);
        if (0 === $dirt && 'wash-first' === $this->brief->wishes->schools->side(School::Cleaning, '')) {
            $dirt = 1;
        }
        $profile = $part->material->profile();
        $family = $profile->cleaner($dirt);
        if (FamilyId::CleanerCream === $family && $this->brief->grips($part)) {
            // What grips stays free of every fat, that in a cleaner too (C-5).
            return FamilyId::CleanerNeutral;
        }
        if (null === $family && [] !== $profile->creamFor
            && !$this->brief->grips($part) && (Dryness::Stiff === $part->dryness || $this->brief->worst($part->at, ...$profile->creamFor) > 0)) {
            return FamilyId::CleanerCream;
        }
        if (
            null === $family
            && $this->brief->worst($part->at, FindingKind::YellowedRubber) > 0
            && \in_array($part->material, [Material::Rubber, Material::Foam, Material::PlasticStack], true)
        ) {
            return FamilyId::FoamCleaner;
        }

        return null !== $family && $this->isMachineWashed() ? FamilyId::Wash : $family;
    }

    /** What is seen at arm's length is begun with the cream that also feeds. */
    public function startsWithCream(Part $part): bool
    {
        return FamilyId::CleanerCream === $this->cleaner($part) && $this->dirt($part) > 1;
    }

    /** Dirt that is cleaned on a part; what hands have darkened is a sign of age, and stays where patina is kept (J-3). */
    private function dirt(Part $part): int
    {
        $keeps = Patina::Keep === ($part->agreed->patina ?? $this->brief->piece->agreed->patina);

        return $this->brief->worst($part->at, ...array_filter(self::DIRT, static fn (FindingKind $k): bool => !$keeps || FindingKind::DarkHandling !== $k));
    }

    /** The whole trainer goes into the machine, or none of it: all that is leather, glued or parting is washed by hand (C-10). */
    public function isMachineWashed(): bool
    {
        $piece = $this->brief->piece;
        if (
            PieceFamily::Trainer !== $piece->kind->family()
            || 'machine' !== $this->brief->wishes->schools->side(School::TrainerWash, 'hand')
        ) {
            return false;
        }
        foreach ($piece->parts as $part) {
            if (
                $part->material->isLeather()
                || $part->has(Flag::GluedSole) || $part->has(Flag::LeatherLined) || $part->has(Flag::MetalShank)
                || $this->brief->worst($part->at, FindingKind::SoleParting) > 0
            ) {
                return false;
            }
        }

        return true;
    }

    /** How high on the ladder it stands. */
    private static function height(FamilyId $family): int
    {
        return match ($family) {
            FamilyId::CleanerCream => 1,
            FamilyId::CleanerNeutral => 2,
            FamilyId::FoamCleaner => 3,
            FamilyId::Wash => 4,
            FamilyId::Alcohol => 6,
            default => 5,
        };
    }

    private static function applicator(FamilyId $family): Applicator
    {
        return match ($family) {
            FamilyId::FoamCleaner, FamilyId::Soap => Applicator::Brush,
            FamilyId::Wash => Applicator::None,
            FamilyId::Alcohol => Applicator::Bud,
            default => Applicator::Cloth,
        };
    }
}

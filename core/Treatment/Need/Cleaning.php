<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Need;

use KindHeel\Core\Anatomy\Half;
use KindHeel\Core\Anatomy\PartName;
use KindHeel\Core\Anatomy\PieceFamily;
use KindHeel\Core\Assessment\Finding;
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

/** Dirt, salt, grease, stains and residue, each on the lowest rung of its ladder that can work (O-5). */
final readonly class Cleaning
{
    private const DIRT = [
        FindingKind::Mud, FindingKind::GroundInDirt, FindingKind::BodyGrease, FindingKind::ColourTransfer,
        FindingKind::DarkHandling, FindingKind::Insects, FindingKind::Mould,
    ];
    /** What the school that starts dry still wets: caustic or sticky. */
    private const CAUSTIC = [
        FindingKind::RoadSalt, FindingKind::SweatSalt, FindingKind::Mould, FindingKind::Insects, FindingKind::Glue, FindingKind::Tar,
        FindingKind::WaterRing,
    ];
    private const SALT = [FindingKind::RoadSalt, FindingKind::SweatSalt];
    private const RESIDUE = [FindingKind::OldPolish, FindingKind::WaxBuildUp, FindingKind::Silicone];

    public function __construct(private Brief $brief)
    {
    }

    /** @return list<Need> */
    public function needs(Half $half): array
    {
        $outside = $this->brief->parts($half, static fn (Part $p): bool => self::isOutside($p));
        if ([] === $outside) {
            return [];
        }

        return [
            ...$this->mould($half),
            ...$this->dusting($outside),
            ...$this->tree($half),
            ...$this->nap($half),
            ...$this->damp($outside),
            ...$this->rungs($outside),
            ...$this->salt($outside),
            ...$this->stains($outside),
            ...$this->odour($outside),
        ];
    }

    /**
     * Mould before all: carried outdoors, brushed off, treated and dried, so that it goes no further.
     *
     * @return list<Need>
     */
    private function mould(Half $half): array
    {
        $mouldy = $this->brief->parts($half, fn (Part $p): bool => $this->brief->worst($p->at, FindingKind::Mould) > 0);
        if ([] === $mouldy) {
            return [];
        }
        $places = Brief::places($mouldy);

        return [
            new Need(
                Step::act(Phase::DryClean, Action::DustOff, $places),
                Rank::MOULD,
                Message::of('Mould: kept apart from other pieces, brushed off outdoors with a mask on, before anything else.'),
                ['O-4', 'H-5'],
            ),
            new Need(
                Step::lay(Phase::DryClean, FamilyId::LiningSpray, Applicator::Cloth, $places),
                Rank::MOULD + 1,
                Message::of('What lives in it is killed before it is cleaned, wiped on and left to dry; else it comes back.'),
                ['O-5', 'J-5'],
                otherwise: FamilyId::CleanerNeutral,
            ),
        ];
    }

    /** Dirt that is cleaned on a part; what hands have darkened is a sign of age, and stays where patina is kept (J-3). */
    private function dirt(Part $part): int
    {
        $keeps = Patina::Keep === ($part->agreed->patina ?? $this->brief->piece->agreed->patina);

        return $this->brief->worst($part->at, ...array_filter(self::DIRT, static fn (FindingKind $k): bool => !$keeps || FindingKind::DarkHandling !== $k));
    }

    private static function isOutside(Part $part): bool
    {
        return !$part->at->part->isInside() && !\in_array($part->at->part, [PartName::Laces, PartName::Stitching, PartName::Holes], true);
    }

    /**
     * @param list<Part> $outside
     *
     * @return list<Need>
     */
    private function dusting(array $outside): array
    {
        $left = array_values(array_filter($outside, fn (Part $p): bool => 0 === $this->brief->worst($p->at, FindingKind::Mould)));

        return [] === $left ? [] : [
            new Need(Step::act(Phase::DryClean, Action::DustOff, Brief::places($left)), Rank::DUST, $this->dust($left), ['O-4']),
        ];
    }

    /** @param list<Part> $outside */
    private function dust(array $outside): string
    {
        $labels = $this->brief->labels(
            Brief::places($outside),
            FindingKind::Dust,
            FindingKind::Mud,
            FindingKind::WeltGrit,
            FindingKind::Insects,
        );

        return [] === $labels
            ? Message::of('Dust and grit come off before any cloth.')
            : Phrase::sentence('%s: what is loose comes off before any cloth.', Phrase::list($labels));
    }

    /** @return list<Need> */
    private function tree(Half $half): array
    {
        $flat = $this->brief->piece->kind->isFlat()
            && [] === $this->brief->parts($half, fn (Part $p): bool => $this->brief->worst($p->at, FindingKind::Crease, FindingKind::ShapeLost) > 0);
        $upper = $flat || $this->isMachineWashed()
            ? []
            : $this->brief->parts($half, static fn (Part $p): bool => $p->at->part->isOuter() && !$p->at->part->isDetachable());

        return [] === $upper
            ? []
            : [
                new Need(
                    Step::act(Phase::TakeApart, Action::Tree, Brief::places($upper)),
                    Rank::TREE,
                    Message::of('What is filled out holds its shape while it is worked on, and its creases open.'),
                    ['O-3'],
                ),
            ];
    }

    /** @return list<Need> */
    private function nap(Half $half): array
    {
        $napped = $this->brief->parts($half, static fn (Part $p): bool => $p->material->isNapped() && $p->at->part->isOuter());
        $dirty = array_filter(
            $napped,
            fn (Part $p): bool => $this->brief->worst(
                $p->at,
                FindingKind::FlatNap,
                FindingKind::Scuff,
                FindingKind::WaterRing,
                FindingKind::Ink,
                ...self::DIRT,
                ...self::SALT,
            ) > 0,
        );
        $wet = array_filter(
            $dirty,
            fn (Part $p): bool => $p->material->hasNap()
                && ($this->brief->worst(
                    $p->at,
                    ...self::DIRT
                ) > 2 || ($this->brief->wishes->climbed[Ladder::Nap->key($p->at)] ?? 0) > 0 || $this->brief->worst(
                    $p->at,
                    FindingKind::WaterRing,
                    FindingKind::SweatSalt
                ) > 1),
        );
        $looked = array_values(array_filter(
            $dirty,
            fn (Part $p): bool => $p->material->hasNap() && $this->brief->worst($p->at, ...self::DIRT) > 1 && !\in_array($p, $wet, true),
        ));
        $flat = array_filter($napped, fn (Part $p): bool => $this->brief->worst($p->at, FindingKind::FlatNap) > 0);
        $needs = [];
        if ([] !== $dirty) {
            $needs[] = new Need(Step::act(Phase::DryClean, Action::Erase, Brief::places($dirty)), Rank::ERASE, Message::of(
                'Nap is cleaned dry before it is cleaned wet.',
            ), [
                'O-5',
                'C-9',
            ]);
        }
        if ([] !== $wet) {
            $needs[] = new Need(
                Step::lay(Phase::Clean, FamilyId::SuedeCleaner, Applicator::Sponge, Brief::places($wet)),
                Rank::CLEAN,
                Message::of('The eraser does not reach it: the whole part is cleaned, never the spot alone.'),
                ['O-5', 'C-6'],
            );
        }
        if ([] !== $looked) {
            $needs[] = new Need(
                Step::act(Phase::Clean, Action::Gate, Brief::places($looked), Ladder::Nap->look(1)),
                Rank::CLEAN - 1,
                Message::of('The eraser may be enough; the nap is wetted only where it is not.'),
                ['O-5', 'J-2'],
                look: 'nap',
            );
            $needs[] = new Need(
                Step::lay(Phase::Clean, FamilyId::SuedeCleaner, Applicator::Sponge, Brief::places($looked)),
                Rank::CLEAN,
                Message::of('Only if the look says so: the whole part is cleaned, never the spot alone.'),
                ['O-5', 'C-6'],
                heldBehind: 'nap',
            );
        }
        if ([] !== $flat) {
            $needs[] = new Need(Step::act(Phase::Clean, Action::RaiseNap, Brief::places($flat)), Rank::NAP, Message::of(
                'Flat nap is lifted once it is dry.',
            ), ['C-9']);
        }

        return $needs;
    }

    /**
     * @param list<Part> $outside
     *
     * @return list<Need>
     */
    private function damp(array $outside): array
    {
        $dryFirst = 'dry-first' === $this->brief->wishes->schools->side(School::Cleaning, 'damp-first');
        $wiped = array_filter(
            $outside,
            fn (Part $p): bool => !$p->material->hasNap()
                && !$this->startsWithCream($p) && Material::Metal !== $p->material && PartName::Outsole !== $p->at->part
            && (!$dryFirst || $this->brief->worst($p->at, ...self::CAUSTIC) > 0)
            && (!$p->material->isReptile() || $this->brief->worst($p->at, ...self::DIRT, ...self::SALT) > 0)
        );

        return [] === $wiped ? [] : [new Need(
            Step::lay(Phase::Clean, FamilyId::DampCloth, Applicator::Cloth, Brief::places($wiped)),
            Rank::DAMP,
            $dryFirst ? Message::of(
                'What is caustic or sticky is wiped off, though cleaning starts dry here.',
            ) : Message::of('The gentlest cleaner comes first.'),
            ['O-5', 'C-6'],
        )];
    }

    /** What is seen at arm's length is begun with the cream that also feeds. */
    private function startsWithCream(Part $part): bool
    {
        return FamilyId::CleanerCream === $this->cleaner($part) && $this->dirt($part) > 1;
    }

    /**
     * The rung that the dirt asks for, and those above it, each held back until a look at the dry result says that it is needed.
     *
     * @param list<Part> $outside
     *
     * @return list<Need>
     */
    private function rungs(array $outside): array
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
        return $this->brief->labels(Brief::places($parts), ...self::DIRT, ...self::RESIDUE);
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

    /** The whole trainer goes into the machine, or none of it: all that is leather, glued or parting is washed by hand (C-10). */
    private function isMachineWashed(): bool
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

    /**
     * Salt is washed off the whole part, grease is drawn out of open leather.
     *
     * @param list<Part> $outside
     *
     * @return list<Need>
     */
    private function salt(array $outside): array
    {
        $salty = array_filter(
            $outside,
            fn (Part $p): bool => $p->material->isLeather()
                && !$p->material->isReptile()
                && !\in_array($p->material, [Material::Patent, Material::RacingHide], true)
                && $this->brief->worst($p->at, ...self::SALT) > 0,
        );
        $greasy = array_filter(
            $outside,
            fn (Part $p): bool => \in_array(
                $p->material,
                [Material::Aniline, Material::Burnished, Material::VegTan, Material::Suede, Material::Nubuck, Material::RoughOut, Material::SheepNappa],
                true,
            ) && $this->brief->worst($p->at, FindingKind::BodyGrease) > 1,
        );
        $needs = [];
        if ([] !== $salty) {
            $needs[] = new Need(
                Step::lay(Phase::Clean, FamilyId::SaltWash, Applicator::Sponge, Brief::places($salty)),
                Rank::SALT,
                Phrase::sentence(
                    '%s: the whole part is washed, not the line alone, or a new line forms.',
                    Phrase::list($this->brief->labels(Brief::places($salty), ...self::SALT)),
                ),
                ['O-5', 'C-6'],
                otherwise: FamilyId::CleanerNeutral,
            );
        }
        if ([] !== $greasy) {
            $needs[] = new Need(
                Step::lay(Phase::Clean, FamilyId::Poultice, Applicator::None, Brief::places($greasy)),
                Rank::POULTICE,
                Message::of('Grease in open leather is drawn out, not rubbed in.'),
                ['O-5', 'J-2'],
            );
        }

        return $needs;
    }

    /**
     * @param list<Part> $outside
     *
     * @return list<Need>
     */
    private function stains(array $outside): array
    {
        $needs = [];
        foreach ($outside as $part) {
            $stains = $this->brief->findings(
                $part->at,
                FindingKind::Ink,
                FindingKind::Tar,
                FindingKind::Glue,
                FindingKind::PaintSpots,
                FindingKind::ColourTransfer,
            );
            $byFamily = [];
            foreach ($stains as $stain) {
                $family = $this->remover($part, $stain);
                if (null !== $family) {
                    $byFamily[$family->value][] = $stain;
                }
            }
            foreach ($byFamily as $id => $found) {
                $needs[] = new Need(
                    Step::lay(Phase::Clean, FamilyId::from($id), Applicator::Bud, [$part->at]),
                    Rank::STAIN,
                    Phrase::sentence(
                        '%s does not come off with water; stop before the colour goes with it.',
                        Phrase::list(array_values(array_unique(array_map(static fn (Finding $f): string => $f->kind->label(), $found)))),
                    ),
                    ['O-5', 'J-2'],
                    areaDm2: array_sum(array_map($this->brief->areaOf(...), $found)),
                );
            }
        }
        $coated = array_filter(
            $outside,
            // What is taken down for new colour loses its polish with it.
            fn (Part $p): bool => !(Reach::Part === $this->brief->reach($p) && $p->material->hasFilm()) && $this->brief->worst($p->at, ...self::RESIDUE) >
                (\in_array($p->material, [Material::Pigmented, Material::SemiAniline], true) ? 1 : 0)
                && \in_array(
                    $p->material,
                    [
                        Material::Pigmented, Material::SemiAniline, Material::Embossed, Material::Aniline, Material::Burnished,
                        Material::Patent, Material::CoatedCanvas, Material::LeatherEdge, Material::LeatherStack, Material::Synthetic,
                    ],
                    true,
                ),
        );
        foreach ([] === $coated ? [] : [$coated] as $parts) {
            $needs[] = new Need(
                Step::lay(Phase::Clean, FamilyId::SolventMild, Applicator::Cloth, Brief::places($parts)),
                Rank::RESIDUE,
                Phrase::sentence('%s: strip before adding.', Phrase::list($this->brief->labels(Brief::places($parts), ...self::RESIDUE))),
                ['J-4', 'O-5'],
            );
        }

        return $needs;
    }

    /**
     * What smells is aired and wiped with the spray that kills what makes the smell; the lining gets its own.
     *
     * @param list<Part> $outside
     *
     * @return list<Need>
     */
    private function odour(array $outside): array
    {
        $musty = array_filter($outside, fn (Part $p): bool => $this->brief->worst($p->at, FindingKind::Odour) > 0);

        return [] === $musty ? [] : [new Need(
            Step::lay(Phase::Clean, FamilyId::LiningSpray, Applicator::Cloth, Brief::places($musty)),
            Rank::STAIN + 1,
            Message::of('Odour: what makes it is killed once the dirt is off; then it is aired.'),
            ['O-5', 'J-5'],
            otherwise: FamilyId::CleanerNeutral,
        )];
    }

    private function remover(Part $part, Finding $stain): ?FamilyId
    {
        if ($part->material->isReptile() || Material::Metal === $part->material || $part->material->hasNap() && FindingKind::ColourTransfer === $stain->kind) {
            return null;
        }

        return match ($stain->kind) {
            FindingKind::Tar, FindingKind::Glue => FamilyId::SolventMild,
            FindingKind::PaintSpots => $this->brief->rebuilds($part) && Material::Pigmented === $part->material ? FamilyId::Deglosser : FamilyId::Alcohol,
            FindingKind::ColourTransfer => $stain->severity->value > 1 && $part->material->hasFilm() ? FamilyId::Alcohol : null,
            default => FamilyId::Alcohol,
        };
    }
}

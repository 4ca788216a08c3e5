<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Need;

use KindHeel\Core\Anatomy\Half;
use KindHeel\Core\Anatomy\PartName;
use KindHeel\Core\Anatomy\PieceFamily;
use KindHeel\Core\Assessment\Finding;
use KindHeel\Core\Assessment\Part;
use KindHeel\Core\Finding\FindingKind;
use KindHeel\Core\Material\Dryness;
use KindHeel\Core\Material\Material;
use KindHeel\Core\Product\Applicator;
use KindHeel\Core\Product\FamilyId;
use KindHeel\Core\Product\Phase;
use KindHeel\Core\Text\Phrase;
use KindHeel\Core\Treatment\Action;
use KindHeel\Core\Treatment\Step;
use KindHeel\Core\Treatment\Wish\School;

/** Dirt, salt, grease, stains and residue, each on the lowest rung of its ladder that can work (O-5). */
final readonly class Cleaning
{
    private const DIRT = [
        FindingKind::Mud, FindingKind::GroundInDirt, FindingKind::BodyGrease, FindingKind::Odour, FindingKind::ColourTransfer,
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
            new Need(Step::act(Phase::DryClean, Action::DustOff, Brief::places($outside)), Rank::DUST, $this->dust($outside), ['O-4']),
            ...$this->tree($half),
            ...$this->nap($half),
            ...$this->damp($outside),
            ...$this->rungs($outside),
            ...$this->salt($outside),
            ...$this->stains($outside),
        ];
    }

    private static function isOutside(Part $part): bool
    {
        return !$part->at->part->isInside() && !\in_array($part->at->part, [PartName::Laces, PartName::Stitching, PartName::Holes], true);
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
            FindingKind::Mould,
        );

        return [] === $labels
            ? 'Dust and grit come off before any cloth.'
            : Phrase::sentence('%s: what is loose comes off before any cloth.', Phrase::list($labels));
    }

    /** @return list<Need> */
    private function tree(Half $half): array
    {
        $upper = $this->brief->parts($half, static fn (Part $p): bool => $p->at->part->isOuter() && !$p->at->part->isDetachable());

        return [] === $upper
            ? []
            : [
                new Need(
                    Step::act(Phase::TakeApart, Action::Tree, Brief::places($upper)),
                    Rank::TREE,
                    'What is filled out holds its shape while it is worked on, and its creases open.',
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
                && ($this->brief->worst($p->at, ...self::DIRT) > 2 || $this->brief->worst($p->at, FindingKind::WaterRing, FindingKind::SweatSalt) > 1),
        );
        $flat = array_filter($napped, fn (Part $p): bool => $this->brief->worst($p->at, FindingKind::FlatNap) > 0);
        $needs = [];
        if ([] !== $dirty) {
            $needs[] = new Need(Step::act(Phase::DryClean, Action::Erase, Brief::places($dirty)), Rank::ERASE, 'Nap is cleaned dry before it is cleaned wet.', [
                'O-5',
                'C-9',
            ]);
        }
        if ([] !== $wet) {
            $needs[] = new Need(
                Step::lay(Phase::Clean, FamilyId::SuedeCleaner, Applicator::Sponge, Brief::places($wet)),
                Rank::CLEAN,
                'The eraser does not reach it: the whole part is cleaned, never the spot alone.',
                ['O-5', 'C-6'],
            );
        }
        if ([] !== $flat) {
            $needs[] = new Need(Step::act(Phase::Clean, Action::RaiseNap, Brief::places($flat)), Rank::NAP, 'Flat nap is lifted once it is dry.', ['C-9']);
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
        $wiped = array_filter($outside, fn (Part $p): bool => !$p->material->hasNap() && Material::Metal !== $p->material && PartName::Outsole !== $p->at->part
            && (!$dryFirst || $this->brief->worst($p->at, ...self::CAUSTIC) > 0)
            && (!$p->material->isReptile() || $this->brief->worst($p->at, ...self::DIRT, ...self::SALT) > 0));

        return [] === $wiped ? [] : [new Need(
            Step::lay(Phase::Clean, FamilyId::DampCloth, Applicator::Cloth, Brief::places($wiped)),
            Rank::DAMP,
            $dryFirst ? 'What is caustic or sticky is wiped off, though cleaning starts dry here.' : 'The gentlest cleaner comes first.',
            ['O-5', 'C-6'],
        )];
    }

    /**
     * @param list<Part> $outside
     *
     * @return list<Need>
     */
    private function rungs(array $outside): array
    {
        $groups = [];
        foreach ($outside as $part) {
            $family = $this->cleaner($part);
            if (null !== $family) {
                $groups[$family->value][] = $part;
            }
        }
        $needs = [];
        foreach ($groups as $id => $parts) {
            $family = FamilyId::from($id);
            $labels = $this->brief->labels(Brief::places($parts), ...self::DIRT, ...self::RESIDUE);
            $needs[] = new Need(
                Step::lay(Phase::Clean, $family, self::applicator($family), Brief::places($parts)),
                Rank::CLEAN + self::rung($family),
                [] === $labels
                    ? ('wash-first' === $this->brief->wishes->schools->side(School::Cleaning, '')
                        ? 'Here every job starts with water and a cleaner.'
                        : 'Stiff leather is cleaned with something that feeds.')
                    : \sprintf('A damp cloth does not lift %s.', Phrase::list($labels)),
                ['O-5', 'O-6'],
                otherwise: FamilyId::CleanerNeutral === $family ? FamilyId::CleanerCream : (FamilyId::Wash === $family ? FamilyId::FoamCleaner : null),
            );
        }

        return $needs;
    }

    /** The rung above the damp cloth that a part needs; null when the cloth is enough. */
    private function cleaner(Part $part): ?FamilyId
    {
        $dirt = $this->brief->worst($part->at, ...self::DIRT);
        if (0 === $dirt && 'wash-first' === $this->brief->wishes->schools->side(School::Cleaning, '')) {
            $dirt = 1;
        }
        $profile = $part->material->profile();
        $family = $profile->cleaner($dirt);
        if (null === $family && [] !== $profile->creamFor && (Dryness::Stiff === $part->dryness || $this->brief->worst($part->at, ...$profile->creamFor) > 0)) {
            return FamilyId::CleanerCream;
        }
        if (
            null === $family
            && $this->brief->worst($part->at, FindingKind::YellowedRubber) > 0
            && \in_array($part->material, [Material::Rubber, Material::Foam, Material::PlasticStack], true)
        ) {
            return FamilyId::FoamCleaner;
        }
        $machine =
            PieceFamily::Trainer === $this->brief->piece->kind->family() && 'machine' === $this->brief->wishes->schools->side(School::TrainerWash, 'hand');

        return null !== $family && $machine && \in_array($part->material, [Material::Synthetic, Material::Textile], true) ? FamilyId::Wash : $family;
    }

    private static function rung(FamilyId $family): int
    {
        return match ($family) {
            FamilyId::CleanerCream => 1,
            FamilyId::CleanerNeutral => 2,
            FamilyId::FoamCleaner => 3,
            FamilyId::Wash => 4,
            default => 5,
        };
    }

    private static function applicator(FamilyId $family): Applicator
    {
        return match ($family) {
            FamilyId::FoamCleaner, FamilyId::Soap => Applicator::Brush,
            FamilyId::Wash => Applicator::None,
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
                'Grease in open leather is drawn out, not rubbed in.',
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
            fn (Part $p): bool => $this->brief->worst($p->at, ...self::RESIDUE) >
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

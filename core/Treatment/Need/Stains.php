<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Need;

use KindHeel\Core\Assessment\Finding;
use KindHeel\Core\Assessment\Part;
use KindHeel\Core\Finding\FindingKind;
use KindHeel\Core\Material\Material;
use KindHeel\Core\Product\Applicator;
use KindHeel\Core\Product\FamilyId;
use KindHeel\Core\Product\Phase;
use KindHeel\Core\Text\Message;
use KindHeel\Core\Text\Phrase;
use KindHeel\Core\Treatment\Step;

/** Salt and grease, stains each with what takes it, old polish, and smells. */
final readonly class Stains
{
    public const SALT = [FindingKind::RoadSalt, FindingKind::SweatSalt];
    public const RESIDUE = [FindingKind::OldPolish, FindingKind::WaxBuildUp, FindingKind::Silicone];

    public function __construct(private Brief $brief)
    {
    }

    /**
     * @param list<Part> $outside
     *
     * @return list<Need>
     */
    public function needs(array $outside): array
    {
        return [...$this->salt($outside), ...$this->stains($outside), ...$this->odour($outside)];
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

<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Need;

use KindHeel\Core\Anatomy\Half;
use KindHeel\Core\Anatomy\PartName;
use KindHeel\Core\Assessment\Part;
use KindHeel\Core\Finding\FindingKind;
use KindHeel\Core\Material\Material;
use KindHeel\Core\Product\Applicator;
use KindHeel\Core\Product\FamilyId;
use KindHeel\Core\Product\Phase;
use KindHeel\Core\Text\Phrase;
use KindHeel\Core\Treatment\Action;
use KindHeel\Core\Treatment\Step;

/** Seams, soles, metal and creases: all that carries comes before all that shows (O-8). */
final readonly class Mending
{
    public function __construct(private Brief $brief)
    {
    }

    /** @return list<Need> */
    public function needs(Half $half): array
    {
        return [...$this->seams($half), ...$this->metal($half), ...$this->bonds($half), ...$this->creases($half), ...$this->rubber($half)];
    }

    /** @return list<Need> */
    private function seams(Half $half): array
    {
        $kinds = [FindingKind::OpenSeam, FindingKind::RottenThread, FindingKind::LiningTorn];
        $needs = [];
        foreach ($this->brief->parts($half, fn (Part $p): bool => $this->brief->worst($p->at, ...$kinds) > 0) as $part) {
            $needs[] = new Need(
                Step::act(Phase::Repair, Action::Stitch, [$part->at]),
                Rank::MEND,
                Phrase::sentence('%s: sewn through the old holes, before colour.', Phrase::list($this->brief->labels([$part->at], ...$kinds))),
                ['O-8', 'H-12'],
            );
        }

        return $needs;
    }

    /** @return list<Need> */
    private function metal(Half $half): array
    {
        $kinds = [FindingKind::BuckleBent, FindingKind::ZipStiff, FindingKind::EyeletMissing];
        $parts = $this->brief->parts($half, fn (Part $p): bool => $this->brief->worst($p->at, ...$kinds) > 0);

        return [] === $parts ? [] : [new Need(
            Step::act(Phase::Repair, Action::StraightenHardware, Brief::places($parts)),
            Rank::MEND,
            Phrase::sentence('%s: set right before anything is coloured round it.', Phrase::list($this->brief->labels(Brief::places($parts), ...$kinds))),
            ['O-8'],
        )];
    }

    /** @return list<Need> */
    private function bonds(Half $half): array
    {
        $parts = $this->brief->parts(
            $half,
            fn (Part $p): bool => $this->brief->worst($p->at, FindingKind::StackSplit) > 0
                || \in_array($this->brief->worst($p->at, FindingKind::SoleParting), PartName::Outsole === $p->at->part ? [1, 2, 3] : [1, 2, 3, 4], true),
        );
        $keyed = array_filter(
            $parts,
            static fn (Part $p): bool => \in_array(
                $p->material,
                [Material::Rubber, Material::Foam, Material::LeatherEdge, Material::LeatherStack, Material::BareWelt, Material::Synthetic],
                true,
            ),
        );
        if ([] === $parts) {
            return [];
        }
        $because = Phrase::sentence(
            '%s: bonded before colour.',
            Phrase::list($this->brief->labels(Brief::places($parts), FindingKind::SoleParting, FindingKind::StackSplit)),
        );
        $needs = [] === $keyed
                ? []
                : [new Need(Step::act(Phase::Repair, Action::Sand, Brief::places($keyed)), Rank::KEY_BOND, 'Cement holds on a key.', ['W-9', 'O-11'])];

        return [
            ...$needs,
            new Need(Step::lay(Phase::Repair, FamilyId::Cement, Applicator::Brush, Brief::places($parts)), Rank::CEMENT, $because, ['O-8', 'W-9']),
            new Need(Step::act(Phase::Repair, Action::Bond, Brief::places($parts)), Rank::BOND, $because, ['O-8', 'W-9']),
        ];
    }

    /** @return list<Need> */
    private function creases(Half $half): array
    {
        $parts = $this->brief->parts(
            $half,
            fn (Part $p): bool => $this->brief->freshens($p)
                && ($p->material->takesCream() || Material::SheepNappa === $p->material)
                && $this->brief->worst($p->at, FindingKind::Crease) > 1,
        );

        return [] === $parts
            ? []
            : [
                new Need(
                    Step::act(Phase::Repair, Action::IronCrease, Brief::places($parts)),
                    Rank::IRON,
                    'The tree alone does not ease a crease this deep; heat through a damp cloth does, pushed from inside.',
                    ['J-2', 'H-3', 'H-12'],
                ),
            ];
    }

    /** @return list<Need> */
    private function rubber(Half $half): array
    {
        $yellow = $this->brief->parts($half, fn (Part $p): bool => $this->brief->freshens($p) && PartName::Outsole !== $p->at->part
            && \in_array($p->material, [Material::Rubber, Material::Foam], true) && $this->brief->worst($p->at, FindingKind::YellowedRubber) > 0);
        $bleached = array_filter($yellow, fn (Part $p): bool => $this->brief->worst($p->at, FindingKind::YellowedRubber) > 1);
        $needs = [];
        if ([] !== $yellow) {
            $needs[] = new Need(
                Step::act(Phase::Clean, Action::Sand, Brief::places($yellow)),
                Rank::WHITEN,
                'A wet abrasive sponge takes the yellow skin off before anything stronger.',
                ['O-5', 'O-11'],
            );
        }
        if ([] !== $bleached) {
            $needs[] = new Need(
                Step::lay(Phase::Clean, FamilyId::Peroxide, Applicator::Brush, Brief::places($bleached)),
                Rank::WHITEN + 1,
                'Yellow that has gone in is bleached under light.',
                ['O-5', 'W-11', 'H-6'],
            );
            $needs[] = new Need(
                Step::lay(Phase::Clean, FamilyId::DampCloth, Applicator::Cloth, Brief::places($bleached)),
                Rank::WHITEN + 2,
                'What is left of the oxidiser is wiped off.',
                ['H-6', 'H-8'],
            );
        }

        return $needs;
    }
}

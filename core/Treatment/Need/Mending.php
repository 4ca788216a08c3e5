<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Need;

use KindHeel\Core\Anatomy\Half;
use KindHeel\Core\Anatomy\PartName;
use KindHeel\Core\Assessment\Part;
use KindHeel\Core\Drying\Stage;
use KindHeel\Core\Finding\FindingKind;
use KindHeel\Core\Material\Material;
use KindHeel\Core\Product\Applicator;
use KindHeel\Core\Product\FamilyId;
use KindHeel\Core\Product\Phase;
use KindHeel\Core\Text\Message;
use KindHeel\Core\Text\Phrase;
use KindHeel\Core\Treatment\Action;
use KindHeel\Core\Treatment\Step;

/** Seams, soles, metal and creases: all that carries comes before all that shows (O-8). */
final readonly class Mending
{
    /** Of a gap that nobody measured, and how far into it cement goes. */
    private const GAP_MM = 40.0;
    private const FACE_MM = 12.0;

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
                : [new Need(Step::act(Phase::Repair, Action::Sand, Brief::places($keyed)), Rank::KEY_BOND, Message::of(
                    'Cement holds on a key.',
                ), ['W-9', 'O-11'])];

        return [
            ...$needs,
            new Need(
                Step::lay(Phase::Repair, FamilyId::Cement, Applicator::Brush, Brief::places($parts)),
                Rank::CEMENT,
                $because,
                ['O-8', 'W-9'],
                areaDm2: $this->faces($parts),
            ),
            new Need(Step::act(Phase::Repair, Action::Bond, Brief::places($parts)), Rank::BOND, $because, ['O-8', 'W-9']),
            new Need(
                Step::act(Phase::Repair, Action::Unclamp, Brief::places($parts)),
                Rank::UNCLAMP,
                Message::of('The clamps come off when the cement has cured, before anything else is done to it.'),
                ['W-9', 'C-17'],
                null,
                Stage::Full,
            ),
        ];
    }

    /** What is seen first is not begun with less than it needs; nor is what a look has asked for. */
    private function isFirm(Part $part, Ladder $ladder, FindingKind $kind): bool
    {
        return $this->brief->worst($part->at, $kind) > 2 || ($this->brief->wishes->climbed[$ladder->key($part->at)] ?? 0) > 0;
    }

    /**
     * Both faces of the gap in dm², as wide as a welt where nobody measured how far in it goes.
     *
     * @param list<Part> $parts
     */
    private function faces(array $parts): float
    {
        $dm2 = 0.0;
        foreach ($parts as $part) {
            foreach ($this->brief->findings($part->at, FindingKind::SoleParting, FindingKind::StackSplit) as $finding) {
                $dm2 += 2.0 * ($finding->lengthMm ?? self::GAP_MM) * max(self::FACE_MM, $finding->widthMm ?? 0.0) / 10_000.0;
            }
        }

        return $dm2;
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

        $deep = array_values(array_filter($parts, fn (Part $p): bool => $this->isFirm($p, Ladder::Crease, FindingKind::Crease)));
        $shallow = array_values(array_filter($parts, fn (Part $p): bool => !$this->isFirm($p, Ladder::Crease, FindingKind::Crease)));

        return [
            ...[] === $deep ? [] : [self::iron($deep)],
            ...[] === $shallow ? [] : [
                new Need(
                    Step::act(Phase::Repair, Action::Gate, Brief::places($shallow), Ladder::Crease->look(1)),
                    Rank::IRON,
                    Message::of('The tree may be enough; heat comes only where it is not.'),
                    ['O-5', 'J-2'],
                    look: 'crease',
                ),
                self::iron($shallow, 'crease'),
            ],
        ];
    }

    /** @param list<Part> $on */
    private static function iron(array $on, ?string $look = null): Need
    {
        return new Need(
            Step::act(Phase::Repair, Action::IronCrease, Brief::places($on)),
            Rank::IRON + 1,
            Message::of('The tree alone does not ease a crease this deep; heat through a damp cloth does, pushed from inside.'),
            ['J-2', 'H-3', 'H-12'],
            heldBehind: $look,
        );
    }

    /** @return list<Need> */
    private function rubber(Half $half): array
    {
        // What gets another colour over all of it need not be white first.
        $yellow = $this->brief->parts($half, fn (Part $p): bool => $this->brief->freshens($p) && !$this->brief->isRecoloured($p)
            && PartName::Outsole !== $p->at->part
            && \in_array($p->material, [Material::Rubber, Material::Foam], true) && $this->brief->worst($p->at, FindingKind::YellowedRubber) > 0);
        $bleached = array_values(array_filter($yellow, fn (Part $p): bool => $this->brief->worst($p->at, FindingKind::YellowedRubber) > 1));
        $firm = array_values(array_filter($bleached, fn (Part $p): bool => $this->isFirm($p, Ladder::Rubber, FindingKind::YellowedRubber)));
        $held = array_values(array_filter($bleached, static fn (Part $p): bool => !\in_array($p, $firm, true)));
        $needs = [];
        if ([] !== $yellow) {
            $needs[] = new Need(
                Step::act(Phase::Clean, Action::Sand, Brief::places($yellow)),
                Rank::WHITEN,
                Message::of('A wet abrasive sponge takes the yellow skin off before anything stronger.'),
                ['O-5', 'O-11'],
            );
        }
        if ([] !== $held) {
            $needs[] = new Need(
                Step::act(Phase::Clean, Action::Gate, Brief::places($held), Ladder::Rubber->look(1)),
                Rank::WHITEN + 1,
                Message::of('The sponge may be enough; the oxidiser comes only where it is not.'),
                ['O-5', 'J-2'],
                look: 'rubber',
            );
        }
        foreach ([[$firm, null], [$held, 'rubber']] as [$bleached, $look]) {
            if ([] === $bleached) {
                continue;
            }
            $needs[] = new Need(
                Step::lay(Phase::Clean, FamilyId::Peroxide, Applicator::Brush, Brief::places($bleached)),
                Rank::WHITEN + 2,
                Message::of('Yellow that has gone in is bleached under light.'),
                ['O-5', 'W-11', 'H-6'],
                heldBehind: $look,
            );
            $needs[] = new Need(
                Step::lay(Phase::Clean, FamilyId::DampCloth, Applicator::Cloth, Brief::places($bleached)),
                Rank::WHITEN + 3,
                Message::of('What is left of the oxidiser is wiped off.'),
                ['H-6', 'H-8'],
                heldBehind: $look,
            );
        }

        return $needs;
    }
}

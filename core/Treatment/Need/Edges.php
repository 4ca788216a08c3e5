<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Need;

use KindHeel\Core\Anatomy\Half;
use KindHeel\Core\Anatomy\PartName;
use KindHeel\Core\Assessment\Part;
use KindHeel\Core\Finding\FindingKind;
use KindHeel\Core\Product\Applicator;
use KindHeel\Core\Product\FamilyId;
use KindHeel\Core\Product\Phase;
use KindHeel\Core\Text\Message;
use KindHeel\Core\Text\Phrase;
use KindHeel\Core\Treatment\Action;
use KindHeel\Core\Treatment\Step;

/** Cut edges of sole, heel, strap and bag: smoothed, fed, dressed. */
final readonly class Edges
{
    private const WORN = [
        FindingKind::EdgeWorn,
        FindingKind::Scuff,
        FindingKind::Scratch,
        FindingKind::Faded,
        FindingKind::Patchy,
        FindingKind::StackDry,
        FindingKind::StackSplit,
        FindingKind::Gouge,
    ];

    public function __construct(private Brief $brief)
    {
    }

    /** @return list<Need> */
    public function needs(Half $half): array
    {
        $edges = $this->brief->parts(
            $half,
            static fn (Part $p): bool => ($p->at->part->isEdge() || \in_array($p->at->part, [PartName::Edge, PartName::EdgePaint], true))
                && ($p->material->isEdge() || PartName::EdgePaint === $p->at->part),
        );
        $needy = array_values(array_filter($edges, fn (Part $p): bool => $this->brief->isRecoloured($p)
            || $this->brief->freshens($p) && $this->brief->worstOfPair($p->at, ...self::WORN) > 0));
        if ([] === $needy) {
            return [];
        }
        $rough = array_filter(
            $needy,
            fn (Part $p): bool => $this->brief->worst($p->at, FindingKind::EdgeWorn, FindingKind::StackDry, FindingKind::StackSplit, FindingKind::Gouge) > 0,
        );
        $dry = array_filter(
            $needy,
            fn (Part $p): bool => $p->material->isEdge() && $this->brief->worstOfPair($p->at, FindingKind::StackDry, FindingKind::StackSplit) > 0
                && !$this->isDressed($p),
        );
        $needs = [];
        if ([] !== $rough) {
            $needs[] = new Need(
                Step::act(Phase::Fill, Action::Sand, Brief::places($rough)),
                Rank::SAND_EDGE,
                Message::of('Fine sanding opens the end grain, so that it drinks.'),
                ['O-11', 'H-5'],
            );
        }
        $times = [] === array_filter($dry, fn (Part $p): bool => $this->brief->worstOfPair($p->at, FindingKind::StackDry, FindingKind::StackSplit) > 1) ? 1 : 2;
        for ($coat = 1; [] !== $dry && $coat <= $times; ++$coat) {
            $needs[] = new Need(
                Step::lay(Phase::Edges, FamilyId::Cream, Applicator::Dauber, Brief::places($dry), $coat, $times),
                Rank::EDGE_FEED + $coat,
                Message::of('A dry stack drinks cream in thin layers, into the welt and the joints.'),
                ['O-7'],
            );
        }
        foreach ($this->brief->byShade(array_values(array_filter($needy, $this->isDressed(...)))) as $order => $parts) {
            $worst = max(array_map(fn (Part $p): int => $this->brief->worstOfPair($p->at, ...self::WORN), $parts));
            $coats = $worst > 2 || $this->brief->isRecoloured($parts[0]) ? 2 : 1;
            for ($coat = 1; $coat <= $coats; ++$coat) {
                $needs[] = new Need(
                    Step::lay(Phase::Edges, FamilyId::EdgeDressing, Applicator::Dauber, Brief::places($parts), $coat, $coats),
                    Rank::DRESS + $coat,
                    Phrase::sentence('%s: the edge gets its own colour after the upper has had its.', $this->because($parts)),
                    ['O-24', 'O-18', 'J-7', 'C-13'],
                    $this->brief->shade($parts[0]),
                    null,
                    $order,
                );
            }
        }

        return $needs;
    }

    /** @param list<Part> $parts */
    private function because(array $parts): string
    {
        $found = $this->brief->labels(Brief::places($parts), ...self::WORN);

        return [] === $found ? Message::of('a new colour') : Phrase::list($found);
    }

    /** An edge that has lost its colour is dressed; one that is only dry is fed, and keeps what it has: cream is not laid on to be stripped. */
    private function isDressed(Part $part): bool
    {
        return !$part->material->isEdge() || $this->brief->isRecoloured($part)
            || $this->brief->worstOfPair($part->at, ...array_filter(self::WORN, static fn (FindingKind $k): bool => FindingKind::StackDry !== $k)) > 0;
    }
}

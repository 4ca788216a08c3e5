<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Planning;

use KindHeel\Core\Assessment\Finding;
use KindHeel\Core\Assessment\FindingKind;
use KindHeel\Core\Assessment\Half;
use KindHeel\Core\Assessment\Part;
use KindHeel\Core\Assessment\Piece;
use KindHeel\Core\Assessment\Place;
use KindHeel\Core\Assessment\Severity;
use KindHeel\Core\Material\Material;

/** Questions that planning asks of a piece again and again. */
final readonly class PairView
{
    public function __construct(public Piece $piece)
    {
    }

    /** @return list<Part> leather of the upper on a half */
    public function upper(Half $half): array
    {
        return $this->parts($half, static fn (Part $p): bool => $p->at->part->isOuter() && $p->material->isUpperLeather());
    }

    /** @return list<Part> cut leather edges of sole and heel on a half */
    public function edges(Half $half): array
    {
        return $this->parts($half, static fn (Part $p): bool => $p->at->part->isEdge() && $p->material->isEdge());
    }

    /** @return list<Part> all that shows and can be wiped */
    public function outside(Half $half): array
    {
        return $this->parts($half, static fn (Part $p): bool => $p->material->isUpperLeather() && $p->at->part->isOuter()
            || $p->at->part->isEdge() || Material::BareWelt === $p->material || Material::LeatherEdge === $p->material && !$p->at->part->isInside());
    }

    /** The worst severity among some kinds of finding at a place. */
    public function worst(Place $at, FindingKind ...$kinds): Severity
    {
        $worst = Severity::None;
        foreach ($this->piece->findingsAt($at) as $finding) {
            if (\in_array($finding->kind, $kinds, true) && $finding->severity->atLeast($worst)) {
                $worst = $finding->severity;
            }
        }

        return $worst;
    }

    /** The worst of a place and its fellow: a pair is coloured as one (J-7). */
    public function worstOfPair(Place $at, FindingKind ...$kinds): Severity
    {
        $here = $this->worst($at, ...$kinds);
        $there = $this->worst($at->fellow(), ...$kinds);

        return $here->atLeast($there) ? $here : $there;
    }

    /**
     * @param list<Place> $places
     *
     * @return list<string> labels of the findings of some kinds at places of either half, each once
     */
    public function labels(array $places, FindingKind ...$kinds): array
    {
        $labels = [];
        foreach ($this->piece->findings as $finding) {
            if (\in_array($finding->kind, $kinds, true) && self::isAmong($finding, $places)) {
                $labels[$finding->kind->value] = $finding->kind->label();
            }
        }

        return array_values($labels);
    }

    /** @param list<Place> $places */
    private static function isAmong(Finding $finding, array $places): bool
    {
        foreach ($places as $place) {
            if ($place->part === $finding->at->part) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param \Closure(Part): bool $which
     *
     * @return list<Part>
     */
    private function parts(Half $half, \Closure $which): array
    {
        return array_values(array_filter($this->piece->parts, static fn (Part $p): bool => $p->at->half === $half && $which($p)));
    }
}

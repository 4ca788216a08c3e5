<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Need;

use KindHeel\Core\Anatomy\Half;
use KindHeel\Core\Anatomy\Place;
use KindHeel\Core\Assessment\Aim;
use KindHeel\Core\Assessment\Finding;
use KindHeel\Core\Assessment\Flag;
use KindHeel\Core\Assessment\Part;
use KindHeel\Core\Assessment\Piece;
use KindHeel\Core\Colour\Shade;
use KindHeel\Core\Finding\FindingKind;
use KindHeel\Core\Finding\Severity;
use KindHeel\Core\Material\Material;
use KindHeel\Core\Material\Outcome;
use KindHeel\Core\Treatment\Wish\Wishes;

/** What planning asks of a piece again and again: its parts, the worst of a finding, how far to go where. */
final class Brief
{
    /** @var array<string, Reach> by {@see Place} */
    private array $reach = [];
    /** @var array<string, int>|null */
    private ?array $turns = null;

    public function __construct(public readonly Piece $piece, public readonly Wishes $wishes)
    {
    }

    /**
     * Parts of a half that are so and so.
     *
     * @param \Closure(Part): bool $which
     *
     * @return list<Part>
     */
    public function parts(Half $half, \Closure $which): array
    {
        $found = [];
        foreach ($this->piece->parts as $part) {
            if ($part->at->half === $half && $which($part)) {
                $found[] = $part;
            }
        }

        return $found;
    }

    /** How far to go with a part; what is made ready fast is freshened as far as there is time. */
    public function aim(Part $part): Aim
    {
        $aim = $part->agreed->aim ?? $this->piece->agreed->aim;

        return Aim::ReadyFast === $aim ? Aim::Freshen : $aim;
    }

    /** Cream and wax may bring colour back. */
    public function freshens(Part $part): bool
    {
        return $this->aim($part)->addsColour();
    }

    /** What is lost is filled and coloured over. */
    public function rebuilds(Part $part): bool
    {
        return $this->aim($part)->rebuilds();
    }

    /** A trial on this skin came out so. */
    public function showed(Part $part, Outcome $outcome): bool
    {
        foreach ($this->piece->trials as $trial) {
            if ($trial->result->outcome === $outcome && ($trial->tells($part->at) || true === $this->piece->part($trial->at)?->isSameSkin($part))) {
                return true;
            }
        }

        return false;
    }

    /** How far colour reaches on a part. */
    public function reach(Part $part): Reach
    {
        return $this->reach[$part->at->key] ??= Reach::of($this, $part);
    }

    /** Marks that colour would cover, and that hand and fat lay down where none is laid. */
    public const MARKS = [FindingKind::Scuff, FindingKind::Scratch];

    /** Undyed leather is not coloured for a mark: it is fed and rubbed warm. */
    public function isRubbedWarm(Part $part): bool
    {
        return Material::VegTan === $part->material && $this->freshens($part) && $this->worst($part->at, ...self::MARKS) > 0;
    }

    public function grips(Part $part): bool
    {
        return $part->at->part->grips() || $part->has(Flag::GripSurface);
    }

    /** @return list<Finding> of some kinds at a place, those of severity 0 left out */
    public function findings(Place $at, FindingKind ...$kinds): array
    {
        return array_values(
            array_filter($this->piece->findingsAt($at), static fn (Finding $f): bool => Severity::None !== $f->severity && \in_array($f->kind, $kinds, true)),
        );
    }

    /** The worst severity among some kinds of finding at a place, 0–4. */
    public function worst(Place $at, FindingKind ...$kinds): int
    {
        $worst = 0;
        foreach ($this->piece->findingsAt($at) as $finding) {
            if ($finding->severity->value > $worst && \in_array($finding->kind, $kinds, true)) {
                $worst = $finding->severity->value;
            }
        }

        return $worst;
    }

    /** The worst of a place and its fellow: a pair is coloured as one (J-7). */
    public function worstOfPair(Place $at, FindingKind ...$kinds): int
    {
        return max($this->worst($at, ...$kinds), Half::Whole === $at->half ? 0 : $this->worst($at->fellow(), ...$kinds));
    }

    /**
     * @param list<Place> $places
     *
     * @return list<string> labels of the findings of some kinds on the parts of these places, on either half, each once
     */
    public function labels(array $places, FindingKind ...$kinds): array
    {
        $parts = [];
        foreach ($places as $place) {
            $parts[$place->part->value] = true;
        }
        $labels = [];
        foreach ($this->piece->findings as $finding) {
            if (isset($parts[$finding->at->part->value]) && \in_array($finding->kind, $kinds, true)) {
                $labels[$finding->kind->value] = $finding->kind->label();
            }
        }

        return array_values($labels);
    }

    /** Area in dm² of a finding as measured, as a share of its part, or a tenth of a dm² where nobody measured it. */
    public function areaOf(Finding $finding): float
    {
        return match (true) {
            null !== $finding->lengthMm && null !== $finding->widthMm && $finding->lengthMm * $finding->widthMm > 0.0 => ($finding->lengthMm *
                $finding->widthMm) /
                10_000.0,
            null !== $finding->share => $finding->share * $this->piece->areaDm2($finding->at),
            default => 0.1,
        };
    }

    /**
     * @param array<Part> $parts
     *
     * @return list<Place>
     */
    public static function places(array $parts): array
    {
        return array_values(array_map(static fn (Part $p): Place => $p->at, $parts));
    }

    /**
     * Parts that get one colour together, by its turn: the darkest first, the palest last (C-12).
     *
     * @param list<Part> $parts
     *
     * @return array<int, non-empty-list<Part>>
     */
    public function byColour(array $parts): array
    {
        $this->turns ??= $this->turns();
        $groups = [];
        foreach ($parts as $part) {
            $groups[$this->turns[$this->colourOf($part)] ?? 0][] = $part;
        }
        ksort($groups);

        return $groups;
    }

    /** The colour that it is to have: its own, or the new one. */
    private function colourOf(Part $part): string
    {
        return $this->piece->colourOf($part);
    }

    /** @return array<string, int> by colour, of all parts that get any */
    private function turns(): array
    {
        $lightness = [];
        foreach ($this->piece->parts as $part) {
            if (Reach::None !== $this->reach($part)) {
                $lightness[$this->colourOf($part)] = $this->lightness($part);
            }
        }
        asort($lightness);

        return array_flip(array_keys($lightness));
    }

    /** Of the colour that it is to have; of its own where that is chosen with the pot. */
    private function lightness(Part $part): float
    {
        $new = Aim::Recolour === $this->aim($part) ? $this->piece->agreedAt($part->at)->newColour : null;

        return ($new ?? ($this->shade($part) ?? $part->shade)->lab())->lightness;
    }

    /** All of it gets a new colour: the upper of a piece that does, and whatever else was agreed on by itself. */
    public function isRecoloured(Part $part): bool
    {
        return Aim::Recolour === $this->aim($part) && ($part->at->part->isOuter() || Aim::Recolour === $part->agreed?->aim);
    }

    /**
     * Some of these places are to have a colour that is known: there is nothing to match.
     *
     * @param list<Place> $places
     */
    public function hasNewColour(array $places): bool
    {
        return [] !== array_filter($places, function (Place $at): bool {
            $part = $this->piece->part($at);

            return null !== $part && Aim::Recolour === $this->aim($part) && null !== $this->shade($part);
        });
    }

    /** The shade that cream, wax, dressing and thread follow: its own, or the new one; null where that is chosen with the pot. */
    public function shade(Part $part): ?Shade
    {
        return Aim::Recolour === $this->aim($part) ? $part->agreed->newShade ?? $this->piece->agreed->newShade : $part->shade;
    }

    /**
     * Parts that are to have one colour together, the palest last (C-12), whether or not they are coloured here.
     *
     * @param list<Part> $parts
     *
     * @return list<non-empty-list<Part>>
     */
    public function byShade(array $parts): array
    {
        $groups = [];
        foreach ($parts as $part) {
            $groups[$this->colourOf($part)][] = $part;
        }
        $groups = array_values($groups);
        usort($groups, fn (array $a, array $b): int => $this->lightness($a[0]) <=> $this->lightness($b[0]));

        return $groups;
    }
}

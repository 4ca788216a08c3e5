<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Need;

use KindHeel\Core\Anatomy\Half;
use KindHeel\Core\Anatomy\PartName;
use KindHeel\Core\Anatomy\Place;
use KindHeel\Core\Assessment\Aim;
use KindHeel\Core\Assessment\Finding;
use KindHeel\Core\Assessment\Flag;
use KindHeel\Core\Assessment\Part;
use KindHeel\Core\Colour\Shade;
use KindHeel\Core\Finding\FindingKind;
use KindHeel\Core\Material\Material;
use KindHeel\Core\Product\Applicator;
use KindHeel\Core\Product\FamilyId;
use KindHeel\Core\Product\Hazard;
use KindHeel\Core\Product\Phase;
use KindHeel\Core\Text\Message;
use KindHeel\Core\Text\Phrase;
use KindHeel\Core\Treatment\Step;
use KindHeel\Core\Treatment\Wish\School;

/** What is lost gets its colour back where the aim goes that far: which parts, with what, and what the three stretches of that work share. */
final readonly class Colouring
{
    public const LOST = [...Reach::WORN_OFF, ...Reach::PATINA];
    public const LOST_FOR_GOOD = Reach::FOR_GOOD;
    /** What lies deeper or wider than a line. */
    public const MARKED = [FindingKind::Scuff, FindingKind::Gouge, FindingKind::Peeling, FindingKind::Crack];
    /** Above this an airbrush pays. */
    public const LARGE_DM2 = 1.5;
    private const FILLER_LAYER_MM = 0.5;

    public function __construct(private Brief $brief)
    {
    }

    /** What the whole part is coloured with; null when less is enough, the aim forbids it or nothing would hold. */
    public function family(Part $part): ?FamilyId
    {
        return Reach::Part === $this->brief->reach($part) ? $this->holding($part) : null;
    }

    /** What is touched in on a part, a spot or up to a line; null when nothing is, or all of it is coloured. */
    public function touch(Part $part): ?FamilyId
    {
        return \in_array($this->brief->reach($part), [Reach::Spot, Reach::Area], true) ? $this->holding($part) : null;
    }

    private function holding(Part $part): ?FamilyId
    {
        $family = $this->isCalledFor($part) ? self::suited($part, Aim::Recolour === $this->brief->aim($part) || $this->isPale($part)) : null;
        if (FamilyId::Paint === $family && Material::SemiAniline === $part->material && $this->hasOnlyFaded($part)) {
            // The film is sound: colour goes through it into the fibre, nothing is taken down.
            $family = FamilyId::DyeSpirit;
        }

        return null === $family || null === $this->wished($family) ? $family : $this->instead($family, $part);
    }

    private function hasOnlyFaded(Part $part): bool
    {
        $fellow = Half::Whole === $part->at->half ? null : $this->brief->piece->part($part->at->fellow());
        $found = [...Reach::calling($this->brief, $part), ...null === $fellow ? [] : Reach::calling($this->brief, $fellow)];

        return [] !== $found && Aim::Recolour !== $this->brief->aim($part)
            && [] === array_filter($found, static fn (Finding $f): bool => !\in_array($f->kind, [FindingKind::Faded, FindingKind::Patchy], true));
    }

    /** Why a colour is not wanted by any tool that lays it; null where it is welcome. */
    public function wished(FamilyId $family): Hazard|FamilyId|null
    {
        return $this->brief->wishes->excludes($family, Applicator::Sponge);
    }

    /** Where a colour is not wanted: another that holds there, before it is given up to cream. */
    private function instead(FamilyId $family, Part $part): ?FamilyId
    {
        $others = $part->material->hasFilm() || !$part->material->isLeather() ? [] : [FamilyId::DyeWater, FamilyId::DyeSpirit];
        foreach ($others as $other) {
            if ($other !== $family && null === $this->wished($other)) {
                return $other;
            }
        }

        return null;
    }

    /** Colour is called for, whether or not any can be had. */
    public function isCalledFor(Part $part): bool
    {
        return Reach::None !== $this->brief->reach($part);
    }

    /** What holds on a material; null when colour does not, or would do harm. */
    public static function suited(Part $part, bool $byDye = true): ?FamilyId
    {
        $family = $part->material->profile()->colour;

        return match (true) {
            Material::Waxy === $part->material && !$byDye => null,
            PartName::Outsole === $part->at->part && \in_array($part->material, [Material::Rubber, Material::Foam], true) => null,
            default => $family,
        };
    }

    /** @return list<Need> */
    public function needs(Half $half): array
    {
        $painted = [];
        $dyed = [];
        foreach ($this->brief->parts($half, static fn (Part $p): bool => true) as $part) {
            $family = $this->family($part);
            if (FamilyId::Paint === $family) {
                $painted[] = $part;
            } elseif (null !== $family) {
                $dyed[] = $part;
            }
        }

        $coloured = [...$painted, ...$dyed];

        return [
            ...(new Filling($this->brief))->needs($coloured),
            ...(new TouchingIn($this->brief))->needs($half),
            ...(new Painting($this->brief))->needs($painted),
            ...(new Dyeing($this->brief))->needs($dyed),
        ];
    }

    public function isPale(Part $part): bool
    {
        return $this->brief->worstOfPair($part->at, FindingKind::BleachedSpot) > 0;
    }

    /** @param list<Finding> $found */
    public function areaOf(array $found): float
    {
        return max(0.02, array_sum(array_map($this->brief->areaOf(...), $found)));
    }

    /** Layers of filler, none thicker than half a millimetre; ten at the most. */
    public function layers(Part $part): int
    {
        $depth = 0.0;
        foreach ($this->brief->findings($part->at, FindingKind::Gouge, FindingKind::Peeling, FindingKind::Scratch) as $finding) {
            $depth = max($depth, match (true) {
                FindingKind::Scratch === $finding->kind => $finding->severity->value > 2 ? 0.3 : 0.0,
                null !== $finding->depthMm && $finding->depthMm > 0.0 => $finding->depthMm,
                FindingKind::Peeling === $finding->kind => 0.2,
                default => 0.25 * $finding->severity->value,
            });
        }

        return min(10, (int) ceil(round($depth / self::FILLER_LAYER_MM, 6)));
    }

    /** As the school has it that lays colour, where one was chosen. */
    public function laid(Applicator $usual): Applicator
    {
        return Applicator::from($this->brief->wishes->schools->side(School::Laying, $usual->value));
    }

    /**
     * A pale spot is brought up before anything is laid over the whole part.
     *
     * @param list<Part> $parts
     *
     * @return list<Need>
     */
    public function spots(array $parts, FamilyId $family, ?Shade $shade, int $turn): array
    {
        $needs = [];
        foreach ($parts as $part) {
            $pale = $this->brief->findings($part->at, FindingKind::BleachedSpot, ...(FamilyId::Paint === $family ? [FindingKind::Gouge] : []));
            $worst = $this->brief->worst($part->at, FindingKind::BleachedSpot);
            $coats = [] === $pale ? 0 : ($worst > 2 && FamilyId::Paint !== $family ? 2 : 1);
            for ($coat = 1; $coat <= $coats; ++$coat) {
                $needs[] = new Need(
                    Step::lay(Phase::Colour, $family, Applicator::Bud, [$part->at], $coat, $coats),
                    Rank::colour($turn, Rank::SPOT + $coat),
                    Phrase::sentence(
                        '%s: the spot is brought up first, thinner outward, or it shows through.',
                        Phrase::list($this->brief->labels([$part->at], FindingKind::BleachedSpot, FindingKind::Gouge)),
                    ),
                    ['O-17'],
                    $shade,
                    areaDm2: $this->areaOf($pale),
                );
            }
        }

        return $needs;
    }

    /**
     * What has holes is never sprayed.
     *
     * @param non-empty-list<Part> $parts
     *
     * @return list<array{non-empty-list<Part>, bool}>
     */
    public static function holed(array $parts): array
    {
        $with = array_values(array_filter($parts, self::hasHoles(...)));
        $without = array_values(array_filter($parts, static fn (Part $p): bool => !self::hasHoles($p)));
        $groups = [];
        if ([] !== $without) {
            $groups[] = [$without, false];
        }
        if ([] !== $with) {
            $groups[] = [$with, true];
        }

        return $groups;
    }

    public static function hasHoles(Part $part): bool
    {
        return $part->has(Flag::Perforated)
            || $part->has(Flag::Vents)
            || \in_array($part->at->part, [PartName::PerforatedPanels, PartName::Zip, PartName::Zips], true);
    }

    /** The colour that was there; a new colour is chosen with the pot. */
    public function shade(Part $part): ?Shade
    {
        return $this->brief->shade($part);
    }

    /** @param list<Place> $places */
    public function because(array $places): string
    {
        $labels = $this->brief->labels($places, ...self::LOST, ...self::LOST_FOR_GOOD);

        return [] === $labels ? Message::of('a new colour') : Phrase::list($labels);
    }
}

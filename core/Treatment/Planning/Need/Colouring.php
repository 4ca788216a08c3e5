<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Planning\Need;

use KindHeel\Core\Assessment\Aim;
use KindHeel\Core\Assessment\Finding;
use KindHeel\Core\Assessment\FindingKind;
use KindHeel\Core\Assessment\Flag;
use KindHeel\Core\Assessment\Half;
use KindHeel\Core\Assessment\Part;
use KindHeel\Core\Assessment\PartName;
use KindHeel\Core\Assessment\Patina;
use KindHeel\Core\Assessment\Phrase;
use KindHeel\Core\Assessment\PieceFamily;
use KindHeel\Core\Assessment\Place;
use KindHeel\Core\Colour\Shade;
use KindHeel\Core\Material\Material;
use KindHeel\Core\Treatment\Action;
use KindHeel\Core\Treatment\Applicator;
use KindHeel\Core\Treatment\FamilyId;
use KindHeel\Core\Treatment\Phase;
use KindHeel\Core\Treatment\Planning\Brief;
use KindHeel\Core\Treatment\Planning\Rank;
use KindHeel\Core\Treatment\Planning\School;
use KindHeel\Core\Treatment\Planning\Wanted;
use KindHeel\Core\Treatment\Step;

/** What is lost is stripped, filled, coloured and sealed, where the aim goes that far. */
final readonly class Colouring
{
    private const WORN_OFF = [FindingKind::Faded, FindingKind::Patchy, FindingKind::Scuff, FindingKind::Scratch, FindingKind::WaterRing];
    /** Signs of age, which stay where patina is kept (J-3). */
    private const PATINA = [FindingKind::DarkHandling, FindingKind::YellowedLeather];
    private const LOST = [...self::WORN_OFF, ...self::PATINA];
    private const LOST_FOR_GOOD = [FindingKind::BleachedSpot, FindingKind::Peeling, FindingKind::WrongTouchUp, FindingKind::Gouge, FindingKind::Crack];
    /** Above this an airbrush pays. */
    private const LARGE_DM2 = 1.5;
    private const FILLER_LAYER_MM = 0.5;

    public function __construct(private Brief $brief)
    {
    }

    /** What a part is coloured with; null when cream is enough, the aim forbids it or nothing would hold. */
    public function family(Part $part): ?FamilyId
    {
        return $this->isCalledFor($part) ? self::suited($part, Aim::Recolour === $this->brief->aim($part) || $this->isPale($part)) : null;
    }

    /** Colour is called for, whether or not any can be had. */
    public function isCalledFor(Part $part): bool
    {
        if (!$this->brief->rebuilds($part) || $part->at->part->isInside()) {
            return false;
        }
        if (Aim::Recolour === $this->brief->aim($part) && $part->at->part->isOuter()) {
            return true;
        }
        $rubber = \in_array($part->material, [Material::Rubber, Material::Foam], true) && $this->brief->worstOfPair($part->at, FindingKind::YellowedRubber) > 3;

        $worn = Patina::Keep === ($part->agreed->patina ?? $this->brief->piece->agreed->patina) ? self::WORN_OFF : [...self::WORN_OFF, ...self::PATINA];

        return $rubber || $this->brief->worstOfPair($part->at, ...$worn) > 1 || $this->brief->worstOfPair($part->at, ...self::LOST_FOR_GOOD) > 0;
    }

    /** What holds on a material; null when colour does not, or would do harm. */
    public static function suited(Part $part, bool $byDye = true): ?FamilyId
    {
        return match ($part->material) {
            Material::Pigmented, Material::SemiAniline, Material::Embossed, Material::SheepNappa, Material::Synthetic => FamilyId::Paint,
            Material::Rubber, Material::Foam => PartName::Outsole === $part->at->part ? null : FamilyId::Paint,
            Material::Aniline, Material::Burnished, Material::VegTan => FamilyId::DyeSpirit,
            Material::Waxy => $byDye ? FamilyId::DyeSpirit : null,
            Material::Suede, Material::Nubuck, Material::RoughOut => FamilyId::DyeWater,
            default => null,
        };
    }

    /** @return list<Wanted> */
    public function wanted(Half $half): array
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

        return [...$this->stripping($coloured), ...$this->filling($coloured), ...$this->degreasing($coloured), ...$this->paint($painted), ...$this->dye($dyed)];
    }

    private function isPale(Part $part): bool
    {
        return $this->brief->worstOfPair($part->at, FindingKind::BleachedSpot) > 0;
    }

    /**
     * @param list<Part> $parts
     *
     * @return list<Wanted>
     */
    private function stripping(array $parts): array
    {
        $stripped = array_filter($parts, fn (Part $p): bool => \in_array($p->material, [Material::Pigmented, Material::SemiAniline, Material::Embossed], true)
            || $p->material->isLeather() && !$p->material->isNapped() && $this->brief->worst($p->at, FindingKind::WrongTouchUp, FindingKind::Silicone) > 0);
        $keyed = array_filter($parts, static fn (Part $p): bool => \in_array($p->material, [Material::Synthetic, Material::Rubber, Material::Foam], true));
        $wanted = [];
        if ([] !== $stripped) {
            $wanted[] = new Wanted(
                Step::lay(Phase::Strip, FamilyId::Deglosser, Applicator::Pad, Brief::places($stripped)),
                Rank::STRIP,
                'The old finish is taken down where it is laid anew, and nowhere else.',
                ['O-9'],
                otherwise: FamilyId::SolventMild,
            );
        }
        if ([] !== $keyed) {
            $wanted[] = new Wanted(Step::act(Phase::Strip, Action::Sand, Brief::places($keyed)), Rank::KEY, 'Paint needs a key on what is not leather.', ['O-9', 'O-11']);
        }

        return $wanted;
    }

    /**
     * @param list<Part> $parts
     *
     * @return list<Wanted>
     */
    private function filling(array $parts): array
    {
        $wanted = [];
        foreach ($parts as $part) {
            if (!self::isFillable($part)) {
                continue;
            }
            $cracks = $this->brief->findings($part->at, FindingKind::Crack);
            $holes = $this->brief->findings($part->at, FindingKind::Gouge, FindingKind::Peeling);
            if ([] !== $cracks) {
                $wanted[] = new Wanted(Step::lay(Phase::Fill, FamilyId::CrackFiller, Applicator::Brush, [$part->at]), Rank::FILL, 'A crack is bound from within before it is coloured; it will come back where it bends.', ['O-10', 'J-5'], areaDm2: $this->areaOf($cracks));
            }
            $layers = $this->layers($part);
            for ($layer = 1; $layer <= $layers; ++$layer) {
                $wanted[] = new Wanted(
                    Step::lay(Phase::Fill, FamilyId::Filler, Applicator::Bud, [$part->at], $layer, $layers),
                    Rank::FILL + 3 * $layer,
                    1 === $layers ? 'What is missing is filled level, in one thin layer.' : \sprintf('What is missing is filled in %d thin layers: thick filler cracks.', $layers),
                    ['O-10'],
                    areaDm2: $this->areaOf($holes),
                );
                $wanted[] = new Wanted(Step::act(Phase::Fill, Action::Sand, [$part->at], $layer, $layers), Rank::FILL + 3 * $layer + 1, 'Each layer is sanded level when it is dry.', ['O-10', 'O-11', 'H-5'], areaDm2: $this->areaOf($holes));
            }
        }

        return $wanted;
    }

    /**
     * @param list<Part> $parts
     *
     * @return list<Wanted>
     */
    private function degreasing(array $parts): array
    {
        return [] === $parts ? [] : [new Wanted(
            Step::lay(Phase::Degrease, FamilyId::Alcohol, Applicator::Cloth, Brief::places($parts)),
            Rank::DEGREASE,
            'Colour holds, and takes evenly, only where no fat is left.',
            ['O-12', 'O-13'],
            otherwise: FamilyId::SolventMild,
        )];
    }

    /** @param list<Finding> $found */
    private function areaOf(array $found): float
    {
        return max(0.02, array_sum(array_map($this->brief->areaOf(...), $found)));
    }

    private static function isFillable(Part $part): bool
    {
        return !$part->material->isNapped() && !\in_array($part->material, [Material::Rubber, Material::Foam], true);
    }

    /** Layers of filler, none thicker than half a millimetre; ten at the most. */
    private function layers(Part $part): int
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

    /**
     * @param list<Part> $parts
     *
     * @return list<Wanted>
     */
    private function paint(array $parts): array
    {
        $wanted = [];
        $primed = array_values(array_filter($parts, static fn (Part $p): bool => !$p->material->isLeather()));
        foreach ($this->byApplicator($primed) as $id => $on) {
            $wanted[] = new Wanted(Step::lay(Phase::Base, FamilyId::Primer, Applicator::from($id), Brief::places($on)), Rank::BASE, 'Paint holds on what is not leather only over a primer.', ['O-18']);
        }
        foreach (Brief::byShade($parts) as $order => $shaded) {
            foreach ($this->byApplicator($shaded) as $id => $on) {
                $wanted = [...$wanted, ...$this->coats($on, Applicator::from($id), $order)];
            }
        }

        return $wanted;
    }

    /**
     * @param non-empty-list<Part> $parts of one shade
     *
     * @return list<Wanted>
     */
    private function coats(array $parts, Applicator $applicator, int $order): array
    {
        $places = Brief::places($parts);
        $shade = $this->shade($parts[0]);
        $wanted = [];
        $based = $shade?->hidesWeakly() ?? false;
        if ($based) {
            $wanted[] = new Wanted(Step::lay(Phase::Base, FamilyId::Paint, $applicator, $places), Rank::BASE + 2, \sprintf('%s hides weakly: a white base below it saves coats.', ucfirst($shade->label())), ['O-16', 'O-18'], Shade::Ivory, null, $order);
        } else {
            $wanted = $this->spots($parts, FamilyId::Paint, $shade);
        }
        $coats = ($applicator->sprays() ? 3 : 2) - ($based ? 1 : 0);
        for ($coat = 1; $coat <= $coats; ++$coat) {
            $wanted[] = new Wanted(
                Step::lay(Phase::Colour, FamilyId::Paint, $applicator, $places, $coat, $coats),
                Rank::COLOUR + 2 * $coat,
                Phrase::sentence('%s: colour in thin coats, each in its window.', $this->because($places)),
                ['O-18', 'O-19', 'J-7'],
                $shade,
                null,
                $order,
            );
        }
        for ($coat = 1; $coat <= 2; ++$coat) {
            $wanted[] = new Wanted(Step::lay(Phase::Seal, FamilyId::Topcoat, $applicator, $places, $coat, 2), Rank::SEAL + $coat, 'The clear film sets gloss and depth, and keeps the paint.', ['O-18', 'O-22'], null, null, $order);
        }

        return $wanted;
    }

    /**
     * @param list<Part> $parts
     *
     * @return list<Wanted>
     */
    private function dye(array $parts): array
    {
        $wanted = [];
        foreach (Brief::byShade($parts) as $order => $shaded) {
            $napped = array_values(array_filter($shaded, static fn (Part $p): bool => $p->material->isNapped()));
            $smooth = array_values(array_filter($shaded, static fn (Part $p): bool => !$p->material->isNapped()));
            if ([] !== $napped) {
                foreach (self::holed($napped) as [$on, $holed]) {
                    $wanted = [...$wanted, ...$this->washes($on, FamilyId::DyeWater, $holed ? Applicator::Pad : $this->laid(Applicator::Airbrush), $order)];
                }
            }
            if ([] !== $smooth) {
                $wanted = [...$wanted, ...$this->damping($smooth), ...$this->wash($smooth, $order), ...$this->finish($smooth, $order)];
            }
        }

        return $wanted;
    }

    /**
     * Narrow straps are dyed with a dauber along their length, larger parts with a rag in circles.
     *
     * @param non-empty-list<Part> $parts of one shade
     *
     * @return list<Wanted>
     */
    private function wash(array $parts, int $order): array
    {
        $wanted = [];
        foreach (self::holed($parts) as [$on, $holed]) {
            $usual = PieceFamily::SmallGoods === $this->brief->piece->kind->family() ? Applicator::Dauber : Applicator::Cloth;
            $wanted = [...$wanted, ...$this->washes($on, FamilyId::DyeSpirit, $holed ? Applicator::Pad : $this->laid($usual), $order)];
        }

        return $wanted;
    }

    /** As the school has it that lays colour, where one was chosen. */
    private function laid(Applicator $usual): Applicator
    {
        return Applicator::from($this->brief->wishes->schools->side(School::Laying, $usual->value));
    }

    /**
     * @param non-empty-list<Part> $parts of one shade
     *
     * @return list<Wanted>
     */
    private function washes(array $parts, FamilyId $family, Applicator $applicator, int $order): array
    {
        $shade = $this->shade($parts[0]);
        $places = Brief::places($parts);
        $deep = array_filter($parts, fn (Part $p): bool => Aim::Recolour === $this->brief->aim($p) || $this->brief->worstOfPair($p->at, ...self::LOST, ...self::LOST_FOR_GOOD) > 2);
        $wanted = $this->spots($parts, $family, $shade);
        $coats = [] === $deep ? 1 : 2;
        foreach ([1 => $parts, 2 => array_values($deep)] as $coat => $on) {
            if ([] !== $on) {
                $wanted[] = new Wanted(
                    Step::lay(Phase::Colour, $family, $applicator, Brief::places($on), $coat, $coats),
                    Rank::COLOUR + 2 * $coat,
                    Phrase::sentence('%s: dye adds to what is there, over the whole part, up to its seams.', $this->because(Brief::places($on))),
                    ['O-17', 'O-19', 'J-7'],
                    $shade,
                    null,
                    $order,
                );
            }
        }
        $wanted[] = new Wanted(Step::act(Phase::Colour, Action::RubOff, $places), Rank::RUB_OFF, 'Loose dye comes off before anything lies over it.', ['O-20'], null, null, $order);

        return $wanted;
    }

    /**
     * A pale spot is brought up before anything is laid over the whole part.
     *
     * @param list<Part> $parts
     *
     * @return list<Wanted>
     */
    private function spots(array $parts, FamilyId $family, ?Shade $shade): array
    {
        $wanted = [];
        foreach ($parts as $part) {
            $pale = $this->brief->findings($part->at, FindingKind::BleachedSpot, ...(FamilyId::Paint === $family ? [FindingKind::Gouge] : []));
            $worst = $this->brief->worst($part->at, FindingKind::BleachedSpot);
            $coats = [] === $pale ? 0 : ($worst > 2 && FamilyId::Paint !== $family ? 2 : 1);
            for ($coat = 1; $coat <= $coats; ++$coat) {
                $wanted[] = new Wanted(
                    Step::lay(Phase::Colour, $family, Applicator::Bud, [$part->at], $coat, $coats),
                    Rank::SPOT + $coat,
                    Phrase::sentence('%s: the spot is brought up first, thinner outward, or it shows through.', Phrase::list($this->brief->labels([$part->at], FindingKind::BleachedSpot, FindingKind::Gouge))),
                    ['O-17'],
                    $shade,
                    areaDm2: $this->areaOf($pale),
                );
            }
        }

        return $wanted;
    }

    /**
     * Large plain areas are dampened evenly before dye, between the degreasing and the dye; spots and lines are dyed dry.
     *
     * @param list<Part> $parts
     *
     * @return list<Wanted>
     */
    private function damping(array $parts): array
    {
        $plain = array_values(array_filter($parts, fn (Part $p): bool => !$this->isPale($p) && 0 === $this->layers($p)));
        $area = array_sum(array_map(fn (Part $p): float => $this->brief->piece->areaDm2($p->at), $plain));
        if ([] === $plain || 'damp' !== $this->brief->wishes->schools->side(School::Dyeing, $area > self::LARGE_DM2 ? 'damp' : 'dry')) {
            return [];
        }

        return [
            new Wanted(Step::lay(Phase::Colour, FamilyId::DampCloth, Applicator::Sponge, Brief::places($plain)), Rank::EVENLY_DAMP, 'Evenly damp leather takes dye evenly.', ['O-14', 'C-6']),
        ];
    }

    /**
     * @param non-empty-list<Part> $parts
     *
     * @return list<Wanted>
     */
    private function finish(array $parts, int $order): array
    {
        $wanted = [];
        foreach ($parts as $part) {
            if ($this->layers($part) > 0) {
                $wanted[] = new Wanted(Step::lay(Phase::Colour, FamilyId::Paint, Applicator::Bud, [$part->at]), Rank::COVER_FILL, 'Filler takes no dye: it is toned with paint, stippled to the grain.', ['O-18', 'J-5'], $this->shade($part), areaDm2: 0.1);
            }
        }
        if ('resin-outside' === $this->brief->wishes->schools->side(School::BareFinish, 'resin-outside')) {
            for ($coat = 1; $coat <= 2; ++$coat) {
                $wanted[] = new Wanted(Step::lay(Phase::Seal, FamilyId::Resin, Applicator::Brush, Brief::places($parts), $coat, 2), Rank::SEAL + $coat, 'Dyed bare leather is kept from water, hands and clothes by a thin resist.', ['O-20', 'O-21'], null, null, $order);
            }
        }

        return $wanted;
    }

    /**
     * @param list<Part> $parts
     *
     * @return array<string, non-empty-list<Part>> by applicator id
     */
    private function byApplicator(array $parts): array
    {
        if ([] === $parts) {
            return [];
        }
        $area = array_sum(array_map(fn (Part $p): float => $this->brief->piece->areaDm2($p->at), $parts));
        $weak = array_filter($parts, fn (Part $p): bool => $this->shade($p)?->hidesWeakly() ?? false);
        $usual = $this->brief->wishes->schools->side(School::Laying, $area > self::LARGE_DM2 || [] !== $weak ? 'airbrush' : 'sponge');
        $groups = [];
        foreach (self::holed($parts) as [$on, $holed]) {
            $groups[$holed ? Applicator::Pad->value : $usual] = $on;
        }

        return $groups;
    }

    /**
     * What has holes is never sprayed.
     *
     * @param non-empty-list<Part> $parts
     *
     * @return list<array{non-empty-list<Part>, bool}>
     */
    private static function holed(array $parts): array
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
        return $part->has(Flag::Perforated) || $part->has(Flag::Vents) || \in_array($part->at->part, [PartName::PerforatedPanels, PartName::Zip, PartName::Zips], true);
    }

    /** The colour that was there; a new colour is chosen with the pot. */
    private function shade(Part $part): ?Shade
    {
        return Aim::Recolour === $this->brief->aim($part) ? null : $part->shade;
    }

    /** @param list<Place> $places */
    private function because(array $places): string
    {
        $labels = $this->brief->labels($places, ...self::LOST, ...self::LOST_FOR_GOOD);

        return [] === $labels ? 'a new colour' : Phrase::list($labels);
    }
}

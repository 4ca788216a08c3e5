<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Need;

use KindHeel\Core\Anatomy\PieceFamily;
use KindHeel\Core\Assessment\Aim;
use KindHeel\Core\Assessment\Part;
use KindHeel\Core\Assessment\Wish;
use KindHeel\Core\Finding\FindingKind;
use KindHeel\Core\Product\Applicator;
use KindHeel\Core\Product\FamilyId;
use KindHeel\Core\Product\Phase;
use KindHeel\Core\Text\Message;
use KindHeel\Core\Text\Phrase;
use KindHeel\Core\Treatment\Action;
use KindHeel\Core\Treatment\Step;
use KindHeel\Core\Treatment\Wish\LetDown;
use KindHeel\Core\Treatment\Wish\School;

/** Transparent colour in the fibre: spots first, then washes over the whole part, rubbed off dry, and a resist where it meets the world. */
final readonly class Dyeing
{
    private Colouring $colouring;

    public function __construct(private Brief $brief)
    {
        $this->colouring = new Colouring($brief);
    }

    /**
     * @param list<Part> $parts
     *
     * @return list<Need>
     */
    public function needs(array $parts): array
    {
        $needs = [];
        foreach ($this->byWashes($parts) as [$turn, $shaded]) {
            $napped = array_values(array_filter($shaded, static fn (Part $p): bool => $p->material->isNapped()));
            $smooth = array_values(array_filter($shaded, static fn (Part $p): bool => !$p->material->isNapped()));
            if ([] !== $napped) {
                foreach (Colouring::holed($napped) as [$on, $holed]) {
                    $needs = [
                        ...$needs,
                        ...$this->washes($on, FamilyId::DyeWater, $holed ? Applicator::Pad : $this->colouring->laid(Applicator::Airbrush), $turn),
                    ];
                }
            }
            if ([] !== $smooth) {
                $needs = [...$needs, ...$this->damping($smooth, $turn), ...$this->wash($smooth, $turn), ...$this->finish($smooth, $turn)];
            }
        }

        return $needs;
    }

    /**
     * @param list<Part> $parts
     *
     * @return list<array{int, non-empty-list<Part>}> of one shade and with the same washes each, with the turn of their colour
     */
    private function byWashes(array $parts): array
    {
        $groups = [];
        foreach ($this->brief->byColour($parts) as $turn => $shaded) {
            $alike = [];
            foreach ($shaded as $part) {
                $alike[implode(', ', array_map(static fn (LetDown $w): string => $w->words(), $this->chosen($part)))][] = $part;
            }
            foreach ($alike as $group) {
                $groups[] = [$turn, $group];
            }
        }

        return $groups;
    }

    /** @return list<LetDown> that were chosen from the ladder on it, from light to deep */
    private function chosen(Part $part): array
    {
        return $this->brief->wishes->washes[$part->at->part->value] ?? [];
    }

    /**
     * Narrow straps are dyed with a dauber along their length, larger parts with a rag in circles.
     *
     * @param non-empty-list<Part> $parts of one shade
     *
     * @return list<Need>
     */
    private function wash(array $parts, int $turn): array
    {
        $needs = [];
        foreach (Colouring::holed($parts) as [$on, $holed]) {
            $usual = PieceFamily::SmallGoods === $this->brief->piece->kind->family() ? Applicator::Dauber : Applicator::Cloth;
            $needs = [...$needs, ...$this->washes($on, FamilyId::DyeSpirit, $holed ? Applicator::Pad : $this->colouring->laid($usual), $turn)];
        }

        return $needs;
    }

    /** @param list<Part> $parts */
    private function isLetDown(array $parts): bool
    {
        return [] !== array_filter($parts, static fn (Part $p): bool => $p->wants(Wish::LetDown));
    }

    public function tonedFiller(Part $part): Need
    {
        return new Need(
            Step::lay(Phase::Colour, FamilyId::Paint, Applicator::Bud, [$part->at]),
            Rank::COVER_FILL,
            Message::of('Filler takes no dye: it is toned with paint, stippled to the grain.'),
            ['O-18', 'J-5'],
            $this->colouring->shade($part),
            areaDm2: $this->colouring->areaOf($this->brief->findings($part->at, FindingKind::Gouge, FindingKind::Peeling, FindingKind::Scratch)),
        );
    }

    /**
     * @param non-empty-list<Part> $parts of one shade
     *
     * @return list<Need>
     */
    private function washes(array $parts, FamilyId $family, Applicator $applicator, int $turn): array
    {
        $shade = $this->colouring->shade($parts[0]);
        $places = Brief::places($parts);
        $deep = array_filter(
            $parts,
            fn (Part $p): bool => Aim::Recolour === $this->brief->aim($p)
                || $this->brief->worstOfPair($p->at, ...Colouring::LOST, ...Colouring::LOST_FOR_GOOD) > 2,
        );
        $chosen = $this->chosen($parts[0]);
        $needs = $this->colouring->spots($parts, $chosen[0]->family ?? $family, $shade, $turn);
        foreach ($chosen as $n => $wash) {
            $needs[] = new Need(
                Step::lay(Phase::Colour, $wash->family, $wash->applicator, $places, $n + 1, \count($chosen)),
                Rank::colour($turn, Rank::COLOUR + 2 * ($n + 1)),
                Phrase::sentence('%s: %s, as it was chosen from the ladder on this ground.', $this->colouring->because($places), $wash->words())
                    .(0 === $n ? Message::of(' Sample it on scrap first, with the finish on, judged dry.') : ''),
                ['O-17', 'O-19', 'J-7'],
                $shade,
            );
        }
        $coats = [] === $deep ? 1 : 2;
        foreach ([] === $chosen ? [1 => $parts, 2 => array_values($deep)] : [] as $coat => $on) {
            if ([] !== $on) {
                $needs[] = new Need(
                    Step::lay(Phase::Colour, $family, $applicator, Brief::places($on), $coat, $coats),
                    Rank::colour($turn, Rank::COLOUR + 2 * $coat),
                    Phrase::sentence('%s: dye adds to what is there, over the whole part, up to its seams.', $this->colouring->because(Brief::places($on)))
                        .($this->isLetDown($on) ? Message::of(' Let down with its own thinner as asked: the ratio from the ladder on scrap is noted.') : ''),
                    ['O-17', 'O-19', 'J-7'],
                    $shade,
                );
            }
        }
        $needs[] = new Need(
            Step::act(Phase::Colour, Action::RubOff, $places),
            Rank::colour($turn, Rank::RUB_OFF),
            Message::of('Loose dye comes off before anything lies over it.'),
            ['O-20'],
        );

        return $needs;
    }

    /**
     * Large plain areas are dampened evenly before dye, between the degreasing and the dye; spots and lines are dyed dry.
     *
     * @param list<Part> $parts
     *
     * @return list<Need>
     */
    private function damping(array $parts, int $turn): array
    {
        $plain = array_values(array_filter($parts, fn (Part $p): bool => !$this->colouring->isPale($p) && 0 === $this->colouring->layers($p)));
        $area = array_sum(array_map(fn (Part $p): float => $this->brief->piece->areaDm2($p->at), $plain));
        if ([] === $plain || 'damp' !== $this->brief->wishes->schools->side(School::Dyeing, $area > Colouring::LARGE_DM2 ? 'damp' : 'dry')) {
            return [];
        }

        return [
            new Need(
                Step::lay(Phase::Colour, FamilyId::DampCloth, Applicator::Sponge, Brief::places($plain)),
                Rank::colour($turn, Rank::EVENLY_DAMP),
                Message::of('Evenly damp leather takes dye evenly.'),
                ['O-14', 'C-6'],
            ),
        ];
    }

    /**
     * @param non-empty-list<Part> $parts
     *
     * @return list<Need>
     */
    private function finish(array $parts, int $turn): array
    {
        $needs = [];
        foreach ($parts as $part) {
            if ($this->colouring->layers($part) > 0) {
                $needs[] = $this->tonedFiller($part);
            }
        }
        if ('resin-outside' === $this->brief->wishes->schools->side(School::BareFinish, 'resin-outside')) {
            for ($coat = 1; $coat <= 2; ++$coat) {
                $needs[] = new Need(
                    Step::lay(Phase::Seal, FamilyId::Resin, Applicator::Brush, Brief::places($parts), $coat, 2),
                    Rank::SEAL + $coat,
                    Message::of('Dyed bare leather is kept from water, hands and clothes by a thin resist.'),
                    ['O-20', 'O-21'],
                );
            }
        }

        return $needs;
    }
}

<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Need;

use KindHeel\Core\Anatomy\Half;
use KindHeel\Core\Assessment\Finding;
use KindHeel\Core\Assessment\Part;
use KindHeel\Core\Finding\FindingKind;
use KindHeel\Core\Product\Applicator;
use KindHeel\Core\Product\FamilyId;
use KindHeel\Core\Product\Phase;
use KindHeel\Core\Text\Message;
use KindHeel\Core\Text\Phrase;
use KindHeel\Core\Treatment\Action;
use KindHeel\Core\Treatment\Step;

/** Marks that are touched in where they are: strong on the scar, faded out at the rim, sealed with the tip; further only where a line has to hide the rim. */
final readonly class TouchingIn
{
    private Colouring $colouring;

    public function __construct(private Brief $brief)
    {
        $this->colouring = new Colouring($brief);
    }

    /** @return list<Need> */
    public function needs(Half $half): array
    {
        $needs = [];
        foreach ($this->brief->parts($half, fn (Part $p): bool => null !== $this->colouring->touch($p)) as $part) {
            $found = Reach::calling($this->brief, $part);
            $turn = (int) array_key_first($this->brief->byColour([$part]));
            $needs = [
                ...$needs,
                ...$this->takingOff($part, $found),
                ...(new Filling($this->brief))->filling([$part]),
                ...(FamilyId::Paint === $this->colouring->touch($part) ? $this->paint($part, $found, $turn) : $this->dye($part, $found, $turn)),
            ];
        }

        return $needs;
    }

    /**
     * An earlier touch-up in the wrong colour comes off before the right one goes on.
     *
     * @param list<Finding> $found
     *
     * @return list<Need>
     */
    private function takingOff(Part $part, array $found): array
    {
        $wrong = array_values(array_filter($found, static fn (Finding $f): bool => FindingKind::WrongTouchUp === $f->kind));

        return [] === $wrong ? [] : [new Need(
            Step::lay(Phase::Strip, $part->material->hasFilm() ? FamilyId::Deglosser : FamilyId::Alcohol, Applicator::Bud, [$part->at]),
            Rank::STRIP,
            Message::of('The wrong colour comes off first, and no more than that: the bud is turned at every touch.'),
            ['O-9', 'J-4'],
            areaDm2: $this->colouring->areaOf($wrong),
            otherwise: FamilyId::SolventMild,
        )];
    }

    /**
     * @param list<Finding> $found
     *
     * @return list<Need>
     */
    private function paint(Part $part, array $found, int $turn): array
    {
        $area = $this->colouring->areaOf($found);
        $shade = $this->colouring->shade($part);
        $upToALine = Reach::Area === $this->brief->reach($part);
        $labels = Phrase::list(array_values(array_unique(array_map(static fn (Finding $f): string => $f->kind->label(), $found))));
        $needs = [];
        if (!$part->material->isLeather()) {
            $needs[] = new Need(
                Step::act(Phase::Strip, Action::Sand, [$part->at]),
                Rank::KEY,
                Message::of('Paint needs a key on what is not leather.'),
                ['O-9', 'O-11'],
                areaDm2: $area,
            );
            $needs[] = new Need(
                Step::lay(Phase::Base, FamilyId::Primer, Applicator::Bud, [$part->at]),
                Rank::colour($turn, Rank::PRIMER),
                Message::of('Paint holds on what is not leather only over a primer.'),
                ['O-18'],
                areaDm2: $area,
            );
        }
        $needs[] = $this->degreased($part, $area, $upToALine, $turn);
        for ($coat = 1; $coat <= 2; ++$coat) {
            $needs[] = new Need(
                $upToALine
                    ? Step::lay(Phase::Colour, FamilyId::TouchUp, Applicator::Sponge, [$part->at], $coat, 2)
                    : Step::lay(Phase::Colour, FamilyId::Paint, Applicator::Bud, [$part->at], $coat, 2),
                Rank::colour($turn, Rank::SPOT + $coat),
                $upToALine
                    ? Phrase::sentence('%s: coloured up to a line that hides it, thinner outward, and no further.', $labels)
                    : Phrase::sentence('%s: touched in where it is, faded out at its rim.', $labels),
                ['O-18', 'J-2'],
                $shade,
                areaDm2: $area,
            );
        }
        $needs[] = new Need(
            Step::lay(Phase::Seal, FamilyId::Topcoat, $upToALine ? $this->colouring->laid(Applicator::Sponge) : Applicator::Bud, [$part->at]),
            Rank::SEAL + 1,
            $upToALine ? Message::of('One thin coat over the whole part up to its seams breaks the edge of gloss.')
                : Message::of('The touch of colour is sealed where it lies, and its gloss blended out.'),
            ['O-22', 'O-18'],
            areaDm2: $upToALine ? null : $area,
        );

        return $needs;
    }

    /**
     * @param list<Finding> $found
     *
     * @return list<Need>
     */
    private function dye(Part $part, array $found, int $turn): array
    {
        $area = $this->colouring->areaOf($found);
        $family = $this->colouring->touch($part) ?? FamilyId::DyeSpirit;
        $filled = $this->colouring->layers($part) > 0;
        $pale = array_values(array_filter($found, static fn (Finding $f): bool => !$filled || FindingKind::Gouge !== $f->kind));
        $needs = [$this->degreased($part, $area, false, $turn)];
        if ([] !== $pale) {
            $worst = max(array_map(static fn (Finding $f): int => $f->severity->value, $pale));
            $coats = $worst > 2 ? 2 : 1;
            for ($coat = 1; $coat <= $coats; ++$coat) {
                $needs[] = new Need(
                    Step::lay(Phase::Colour, $family, Applicator::Bud, [$part->at], $coat, $coats),
                    Rank::colour($turn, Rank::SPOT + $coat),
                    Phrase::sentence(
                        '%s: brought up where it is, a shade below its surroundings, and then no further.',
                        Phrase::list(array_values(array_unique(array_map(static fn (Finding $f): string => $f->kind->label(), $pale)))),
                    ),
                    ['O-17', 'J-2'],
                    $this->colouring->shade($part),
                    areaDm2: $this->colouring->areaOf($pale),
                );
            }
            $needs[] = new Need(
                Step::act(Phase::Colour, Action::RubOff, [$part->at]),
                Rank::colour($turn, Rank::RUB_OFF),
                Message::of('Loose dye comes off before anything lies over it.'),
                ['O-20'],
                areaDm2: $this->colouring->areaOf($pale),
            );
        }
        if ($filled) {
            $needs[] = (new Dyeing($this->brief))->tonedFiller($part);
        }

        return $needs;
    }

    private function degreased(Part $part, float $area, bool $upToALine, int $turn): Need
    {
        return new Need(
            Step::lay(Phase::Degrease, FamilyId::Alcohol, $upToALine ? Applicator::Cloth : Applicator::Bud, [$part->at]),
            Rank::colour($turn, Rank::DEGREASE),
            Message::of('Colour holds, and takes evenly, only where no fat is left.'),
            ['O-12', 'O-13'],
            areaDm2: $area,
            otherwise: FamilyId::SolventMild,
        );
    }
}

<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Need;

use KindHeel\Core\Assessment\Part;
use KindHeel\Core\Colour\Shade;
use KindHeel\Core\Product\Applicator;
use KindHeel\Core\Product\FamilyId;
use KindHeel\Core\Product\Phase;
use KindHeel\Core\Text\Message;
use KindHeel\Core\Text\Phrase;
use KindHeel\Core\Treatment\Step;
use KindHeel\Core\Treatment\Wish\Cover;
use KindHeel\Core\Treatment\Wish\School;

/** Opaque colour in thin coats, over a primer or a base where it needs one, under a clear film. */
final readonly class Painting
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
        foreach ($this->brief->byColour($parts) as $turn => $of) {
            $primed = array_values(array_filter($of, static fn (Part $p): bool => !$p->material->isLeather()));
            foreach ($this->byApplicator($primed) as $id => $on) {
                $needs[] = new Need(
                    Step::lay(Phase::Base, FamilyId::Primer, Applicator::from($id), Brief::places($on)),
                    Rank::colour($turn, Rank::PRIMER),
                    Message::of('Paint holds on what is not leather only over a primer.'),
                    ['O-18'],
                );
            }
            foreach ($this->byApplicator($of) as $id => $on) {
                $needs = [...$needs, ...$this->coats($on, Applicator::from($id), $turn)];
            }
        }

        return [...$needs, ...$this->seals($parts)];
    }

    /**
     * @param non-empty-list<Part> $parts of one shade
     *
     * @return list<Need>
     */
    private function coats(array $parts, Applicator $applicator, int $turn): array
    {
        $places = Brief::places($parts);
        $shade = $this->colouring->shade($parts[0]);
        $needs = [];
        $cover = $this->cover($parts)?->by($applicator);
        $based = $cover->baseCoats ?? (true === $shade?->hidesWeakly() ? 1 : 0);
        for ($coat = 1; $coat <= $based; ++$coat) {
            $needs[] = new Need(
                Step::lay(Phase::Base, FamilyId::Paint, $applicator, $places, $coat, $based),
                Rank::colour($turn, Rank::BASE + $coat),
                null === $cover
                    ? Phrase::sentence('%s hides weakly: a white base below it saves coats.', $shade?->label() ?? 'It')
                    : Message::of('By the pot “%s” over this ground, a base below it saves coats.', $cover->pot),
                ['O-16', 'O-18'],
                true === $cover?->white || null === $cover ? Shade::Ivory : $shade,
            );
        }
        if (0 === $based) {
            $needs = $this->colouring->spots($parts, FamilyId::Paint, $shade, $turn);
        }
        $coats = $cover->coats ?? ($applicator->sprays() ? 3 : 2) - $based;
        for ($coat = 1; $coat <= $coats; ++$coat) {
            $needs[] = new Need(
                Step::lay(Phase::Colour, FamilyId::Paint, $applicator, $places, $coat, $coats),
                Rank::colour($turn, Rank::COLOUR + 2 * $coat),
                null === $cover
                    ? Phrase::sentence('%s: colour in thin coats, each in its window.', $this->colouring->because($places))
                    : Phrase::sentence(
                        '%s: the pot “%s” covers this ground in %s, each in its window.',
                        $this->colouring->because($places),
                        $cover->pot,
                        1 === $coats ? Message::of('one coat') : $coats.Message::of(' thin coats'),
                    ),
                $this->rules($coat, $turn),
                $shade,
            );
        }

        return $needs;
    }

    /**
     * One clear film over all colours, in as many goes as there are shines.
     *
     * @param list<Part> $parts
     *
     * @return list<Need>
     */
    private function seals(array $parts): array
    {
        $byGloss = [];
        foreach ($parts as $part) {
            $byGloss[$this->brief->piece->agreedAt($part->at)->gloss->value][] = $part;
        }
        $needs = [];
        foreach ($byGloss as $gloss => $alike) {
            foreach ($this->byApplicator($alike) as $id => $on) {
                for ($coat = 1; $coat <= 2; ++$coat) {
                    $needs[] = new Need(
                        Step::lay(Phase::Seal, FamilyId::Topcoat, Applicator::from($id), Brief::places($on), $coat, 2),
                        Rank::SEAL + $coat,
                        Message::of('The clear film, %s as agreed, sets gloss and depth and keeps the paint.', $gloss),
                        ['O-18', 'O-22'],
                    );
                }
            }
        }

        return $needs;
    }

    /**
     * A further coat has a window (W-7); a paler colour comes after the darker, with a clean cloth (C-12); warm air only on films (W-4).
     *
     * @return list<string>
     */
    private function rules(int $coat, int $turn): array
    {
        return [
            'O-18', 'O-19', 'J-7',
            ...$coat > 1 ? ['W-7'] : [],
            ...$turn > 0 ? ['C-12'] : [],
            ...'warm-air' === $this->brief->wishes->schools->side(School::Drying, 'warm-air') ? ['W-4'] : [],
        ];
    }

    /**
     * The pot that was mixed for one of these parts; where there are several, the one that needs most coats.
     *
     * @param list<Part> $parts
     */
    private function cover(array $parts): ?Cover
    {
        $most = null;
        foreach ($parts as $part) {
            $cover = $this->brief->wishes->cover[$part->at->part->value] ?? null;
            if (null !== $cover && (null === $most || $cover->coats + $cover->baseCoats > $most->coats + $most->baseCoats)) {
                $most = $cover;
            }
        }

        return $most;
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
        $weak = array_filter($parts, fn (Part $p): bool => $this->colouring->shade($p)?->hidesWeakly() ?? false);
        $usual = $this->brief->wishes->schools->side(School::Laying, $area > Colouring::LARGE_DM2 || [] !== $weak ? 'airbrush' : 'sponge');
        $groups = [];
        foreach (Colouring::holed($parts) as [$on, $holed]) {
            $groups[$holed ? Applicator::Pad->value : $usual] = $on;
        }

        return $groups;
    }
}

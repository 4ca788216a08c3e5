<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Planning;

use KindHeel\Core\Anatomy\Place;
use KindHeel\Core\Assessment\Piece;
use KindHeel\Core\Assessment\PlaceWords;
use KindHeel\Core\Colour\ColourFamily;
use KindHeel\Core\Drying\After;
use KindHeel\Core\Drying\Air;
use KindHeel\Core\Drying\Stage;
use KindHeel\Core\Product\Amount;
use KindHeel\Core\Product\Effect;
use KindHeel\Core\Product\Family;
use KindHeel\Core\Product\FamilyId;
use KindHeel\Core\Product\Station;
use KindHeel\Core\Text\Message;
use KindHeel\Core\Treatment\Need\Brief;
use KindHeel\Core\Treatment\Need\Need;
use KindHeel\Core\Treatment\Wish\Wishes;

/** Gives placed steps their minutes, waits, amounts and words. */
final class PlanAssembler
{
    private DryingTimes $times;
    private Brief $brief;

    public function __construct(private readonly Piece $piece, Air $air, Wishes $wishes)
    {
        $this->brief = new Brief($piece, $wishes);
        $this->times = new DryingTimes($air);
    }

    /** @param list<Need> $done that take no time any more */
    public function plan(Sequencer $sequencer, Remarks $remarks, array $done = []): Plan
    {
        $steps = $this->steps(Stretches::of($sequencer->placed(), $this->brief, $done));
        $refused = $remarks->refused($sequencer->refused());
        $elapsed = Elapsed::minutes($steps, \count($done));
        $expectations = $remarks->expectations($steps, $refused);
        $held = array_filter($steps, static fn (PlannedStep $s): bool => null !== $s->step->ifNeededAfter);

        return new Plan(
            $steps,
            $remarks->trialsFirst($steps),
            $refused,
            $remarks->referrals(),
            [],
            [...$remarks->late($elapsed), ...$remarks->tellOwner($steps, $expectations)],
            self::byHand(array_diff_key($steps, $held)),
            $elapsed,
            self::byHand($steps),
            [] === $held ? $elapsed : Elapsed::minutes($steps, \count($done), true),
            $expectations,
        );
    }

    /** @param array<PlannedStep> $steps */
    private static function byHand(array $steps): float
    {
        return array_sum(array_map(static fn (PlannedStep $s): float => $s->minutes, $steps));
    }

    /**
     * @param list<Need> $placed in their order, bonds and all
     *
     * @return list<PlannedStep>
     */
    public function steps(array $placed): array
    {
        $families = [];
        foreach ($placed as $need) {
            $families[$need->step->id] = $need->step->dryingFamily();
        }
        $gates = $this->gates($placed);

        $steps = $warned = [];
        foreach ($placed as $need) {
            $planned = $this->step($need, $families, $gates[$need->step->id] ?? null);
            // The label is read once; what a product can do is said where it first comes to hand, and again where another brings it.
            $what = $need->step->what().'/'.$need->step->applicator->value.'/'.implode(',', array_column($need->step->tries, 'value'));
            $new = array_values(array_filter(
                $planned->cautions,
                static fn (string $rule): bool => !isset($warned[$rule.('H-1' === $rule ? '' : '@'.$what)]),
            ));
            foreach ($planned->cautions as $rule) {
                $warned[$rule.('H-1' === $rule ? '' : '@'.$what)] = true;
            }
            $steps[] = $planned->warning($new);
        }

        return $steps;
    }

    /** @param array<string, FamilyId|null> $families */
    private function step(Need $need, array $families, ?Stage $gateFrom): PlannedStep
    {
        $step = $need->step;
        $words = Instructions::for($step, $need->shade, $this->brief);
        $area = $need->areaDm2 ?? array_sum(array_map($this->piece->areaDm2(...), $step->on));
        $family = null === $step->family ? null : Family::of($step->family);
        $drying = $step->dryingFamily();
        $amount = null === $family ? null : Amount::forCoat($family, $area, $step->applicator);
        $hazards = Cautions::hazards($step);

        return new PlannedStep(
            step: $step,
            title: $words->title.(null === $step->insteadOf ? '' : Message::of(', once more')),
            where: PlaceWords::parts($step->on, $this->piece),
            why: $need->why,
            how: $words->how,
            minutes: max(1.0, round($need->share * $words->forArea($area))),
            station: $family?->station($step->applicator) ?? Station::Bench,
            waits: array_map(fn (After $bond): Wait => $this->wait($bond, $families[$bond->step] ?? null), $step->after),
            amount: $amount,
            supplies: Supplies::of($step, $this->brief, $amount),
            gate: null === $drying ? null : $words->gate,
            gateFrom: null === $drying ? null : $gateFrom,
            rules: array_values(array_diff($need->rules, Cautions::NUMBERS)),
            hazards: $hazards,
            cautions: Cautions::of($step, $hazards, $need->rules),
            shade: $need->shade,
            brush: $need->shade?->family() ?? ($step->does(Effect::Dyes) || $step->does(Effect::Paints) ? $this->colourOf($step->on) : ColourFamily::Neutral),
        );
    }

    /** @param list<Place> $places */
    private function colourOf(array $places): ColourFamily
    {
        return $this->piece->part($places[0])?->shade->family() ?? ColourFamily::Neutral;
    }

    private function wait(After $bond, ?FamilyId $family): Wait
    {
        $min = null === $bond->from || null === $family ? null : $this->times->minutes($family, $bond->from);
        $max = $bond->withinMinutes ?? (null === $bond->before || null === $family ? null : $this->times->minutes($family, $bond->before));

        return new Wait($bond, null === $min ? null : round($min, 1), null === $max ? null : round($max, 1));
    }

    /**
     * The earliest stage for which anything waits, by step: there the gate test is answered.
     *
     * @param list<Need> $placed
     *
     * @return array<string, Stage>
     */
    private function gates(array $placed): array
    {
        $gates = [];
        foreach ($placed as $need) {
            foreach ($need->step->after as $bond) {
                if (null !== $bond->from && (!isset($gates[$bond->step]) || $bond->from->isBefore($gates[$bond->step]))) {
                    $gates[$bond->step] = $bond->from;
                }
            }
        }

        return $gates;
    }
}

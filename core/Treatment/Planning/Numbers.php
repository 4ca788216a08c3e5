<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Planning;

use KindHeel\Core\Assessment\Piece;
use KindHeel\Core\Colour\ColourFamily;
use KindHeel\Core\Drying\Air;
use KindHeel\Core\Drying\AirRecord;
use KindHeel\Core\Drying\Coat;
use KindHeel\Core\Drying\Forecast;
use KindHeel\Core\Drying\Forecaster;
use KindHeel\Core\Drying\Stage;
use KindHeel\Core\Treatment\After;
use KindHeel\Core\Treatment\Family;
use KindHeel\Core\Treatment\FamilyId;

/** Gives placed steps their minutes, waits, amounts and words. */
final class Numbers
{
    private Forecaster $forecaster;
    private AirRecord $record;
    private \DateTimeImmutable $origin;
    /** @var array<string, Forecast> by family id: in steady air a family always takes the same time */
    private array $forecasts = [];

    public function __construct(private readonly Piece $piece, Air $air)
    {
        $this->forecaster = new Forecaster();
        $this->origin = new \DateTimeImmutable('@0');
        $this->record = AirRecord::steady($air, $this->origin);
    }

    /** @param list<Wanted> $placed */
    public function plan(array $placed, Remarks $remarks): Plan
    {
        $families = [];
        foreach ($placed as $wanted) {
            $families[$wanted->step->id] = $wanted->step->dryingFamily();
        }
        $gates = $this->gates($placed);
        $steps = array_map(fn (Wanted $w): PlannedStep => $this->step($w, $families, $gates[$w->step->id] ?? null), $placed);

        return new Plan(
            $steps,
            $remarks->refused(),
            [],
            $remarks->tellOwner(),
            array_sum(array_map(static fn (PlannedStep $s): float => $s->minutes, $steps)),
            Elapsed::minutes($steps),
        );
    }

    /** @param array<string, FamilyId|null> $families */
    private function step(Wanted $wanted, array $families, ?Stage $gateFrom): PlannedStep
    {
        $step = $wanted->step;
        $words = Instructions::for($step, $wanted->shade);
        $area = array_sum(array_map($this->piece->areaDm2(...), $step->on));
        $family = null === $step->family ? null : Family::of($step->family);
        $drying = $step->dryingFamily();

        return new PlannedStep(
            $step,
            $words->title,
            Words::parts($step->on),
            $wanted->why,
            $words->how,
            max(1.0, round($words->minutes + $words->minutesPerDm2 * $area)),
            array_map(fn (After $bond): Wait => $this->wait($bond, $families[$bond->step] ?? null), $step->after),
            null === $family ? null : Amount::forCoat($family, $area, $step->applicator),
            null === $drying ? null : $words->gate,
            null === $drying ? null : $gateFrom,
            $wanted->rules,
            null === $family ? [] : $family->hazards,
            $wanted->shade,
            $wanted->shade?->family() ?? ColourFamily::Neutral,
        );
    }

    private function wait(After $bond, ?FamilyId $family): Wait
    {
        $min = null === $bond->from || null === $family ? null : $this->minutes($family, $bond->from);
        $max = $bond->withinMinutes ?? (null === $bond->before || null === $family ? null : $this->minutes($family, $bond->before));

        return new Wait($bond, null === $min ? null : round($min, 1), null === $max ? null : round($max, 1));
    }

    private function minutes(FamilyId $family, Stage $stage): ?float
    {
        $this->forecasts[$family->value] ??= $this->forecaster->forecast(new Coat(Family::of($family)->drying, $this->origin), $this->record);

        return $this->forecasts[$family->value]->minutes($stage);
    }

    /**
     * The earliest stage for which anything waits, by step: there the gate test is answered.
     *
     * @param list<Wanted> $placed
     *
     * @return array<string, Stage>
     */
    private function gates(array $placed): array
    {
        $gates = [];
        foreach ($placed as $wanted) {
            foreach ($wanted->step->after as $bond) {
                if (null !== $bond->from && (!isset($gates[$bond->step]) || After::rank($bond->from) < After::rank($gates[$bond->step]))) {
                    $gates[$bond->step] = $bond->from;
                }
            }
        }

        return $gates;
    }
}

<?php

declare(strict_types=1);

namespace KindHeel\App\Plan;

use KindHeel\App\Clock\Iso;
use KindHeel\App\Job\StepDetail;
use KindHeel\Core\Product\Amount;
use KindHeel\Core\Treatment\Checking\RuleBook;
use KindHeel\Core\Treatment\Planning\Supply;
use KindHeel\Core\Treatment\Planning\Wait;

/** A stored step as it is shown. */
final class StepReader
{
    public static function view(StepDetail $detail): StepView
    {
        $step = $detail->step;

        return new StepView(
            id: $step->id,
            version: $step->version,
            piece: $step->piece,
            key: $step->key,
            status: $step->work->status,
            phase: $step->phase,
            half: $step->half(),
            parts: $step->parts(),
            title: $step->title,
            where: $detail->where,
            why: $detail->why,
            how: $detail->how,
            amount: null === $detail->amount ? null : Amount::told($detail->amount, (string) $detail->unit),
            supplies: array_map(static fn (Supply $s): string => $s->label(), $detail->supplies),
            action: $step->action,
            isLook: $step->isLook(),
            onParts: $step->action->worksOnParts(),
            family: $step->family,
            applicator: $step->applicator,
            station: $step->station,
            coat: $detail->coat,
            coats: $detail->coats,
            overrides: array_map(static fn (array $o): string => \sprintf('%s gone over by %s: %s', $o['rule'], $o['by'], $o['reason']), $detail->overrides),
            tries: $detail->tries,
            minutes: $step->minutes,
            waits: array_map(static fn (Wait $w): StepWaitView => new StepWaitView($w->bond->step, $w->minMinutes, $w->maxMinutes), $step->waits),
            gate: $step->coat->gate,
            because: array_map(static fn (string $rule): RemarkView => new RemarkView($rule, RuleBook::because($rule)), $detail->rules),
            cautions: self::cautions($detail),
            hex: $detail->shade?->hex(),
            brush: $step->brush,
            startedAt: Iso::of($step->work->startedAt),
            startedBy: $step->work->startedByName,
            endedAt: Iso::of($step->work->endedAt),
            spoiled: $step->work->spoiled,
            tookMinutes: $step->work->tookMinutes(),
            notes: $detail->notes,
        );
    }

    /**
     * What to be careful of: the cautions of its hazards, then the reasons of the other harm rules.
     *
     * @return list<RemarkView>
     */
    private static function cautions(StepDetail $detail): array
    {
        $said = [];
        foreach ($detail->hazards as $hazard) {
            $said[$hazard->rule()] = $hazard->caution();
        }
        foreach ($detail->cautions as $rule) {
            if ('H-1' !== $rule) {
                $said[$rule] ??= RuleBook::because($rule);
            }
        }

        return array_map(static fn (string $rule, string $text): RemarkView => new RemarkView($rule, $text), array_keys($said), array_values($said));
    }
}

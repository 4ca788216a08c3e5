<?php

declare(strict_types=1);

namespace KindHeel\App\Plan;

use KindHeel\App\Database\Row;
use KindHeel\App\Http\Iso;
use KindHeel\Core\Colour\Shade;
use KindHeel\Core\Product\Hazard;
use KindHeel\Core\Treatment\Checking\RuleBook;
use KindHeel\Core\Treatment\Planning\Supply;
use KindHeel\Core\Treatment\Planning\Wait;

/** Turns a full row of `plan_step`, with `person` for the name of who began it, into a view. */
final class StepReader
{
    public static function view(Row $row): StepView
    {
        $on = $row->objects('places');
        $halves = self::names($on, 'half');

        return new StepView(
            $row->int('id'),
            $row->int('version'),
            $row->int('piece_id'),
            $row->text('step_key'),
            $row->text('status'),
            $row->text('phase'),
            1 === \count($halves) ? $halves[0] : 'both',
            self::names($on, 'part'),
            $row->text('title'),
            $row->text('place_words'),
            $row->text('why'),
            $row->text('how'),
            null === $row->floatOrNull('amount') ? null : \sprintf('%s %s', rtrim(rtrim(number_format($row->float('amount'), 1, '.', ''), '0'), '.'), $row->text('unit')),
            array_map(static fn (Supply $s): string => $s->label(), PlanKit::supplies($row)),
            $row->text('action'),
            $row->textOrNull('family'),
            $row->text('applicator'),
            $row->text('station'),
            $row->int('coat'),
            $row->int('coats'),
            self::overrides($row),
            $row->words('tries'),
            $row->float('minutes'),
            array_map(static fn (Wait $w): StepWaitView => new StepWaitView($w->bond->step, $w->minMinutes, $w->maxMinutes), StoredWait::of($row)),
            $row->textOrNull('gate'),
            array_map(static fn (string $rule): RemarkView => new RemarkView($rule, RuleBook::because($rule)), $row->words('rules')),
            self::cautions($row),
            null === $row->textOrNull('shade') ? null : Shade::from($row->text('shade'))->lab()->toSrgbHex(),
            $row->text('brush'),
            Iso::fromRow($row->textOrNull('started_at')),
            $row->textOrNull('person'),
            Iso::fromRow($row->textOrNull('ended_at')),
        );
    }

    /**
     * What to be careful of: the cautions of its hazards, then the reasons of the other harm rules.
     *
     * @return list<RemarkView>
     */
    private static function cautions(Row $row): array
    {
        $said = [];
        foreach ($row->words('hazards') as $hazard) {
            $said[Hazard::from($hazard)->rule()] = Hazard::from($hazard)->caution();
        }
        foreach ($row->words('cautions') as $rule) {
            if ('H-1' !== $rule) {
                $said[$rule] ??= RuleBook::because($rule);
            }
        }

        return array_map(static fn (string $rule, string $text): RemarkView => new RemarkView($rule, $text), array_keys($said), array_values($said));
    }

    /** @return list<string> */
    private static function overrides(Row $row): array
    {
        /** @var list<array{rule: string, reason: string, by: string}> $overrides */
        $overrides = $row->json('overrides');

        return array_map(static fn (array $o): string => \sprintf('%s gone over by %s: %s', $o['rule'], $o['by'], $o['reason']), $overrides);
    }

    /**
     * One name of each place, each once.
     *
     * @param list<array<string, mixed>> $places
     *
     * @return list<string>
     */
    public static function names(array $places, string $name): array
    {
        return array_values(array_unique(array_filter(array_column($places, $name), is_string(...))));
    }
}

<?php

declare(strict_types=1);

namespace KindHeel\App\Plan;

use KindHeel\App\Database\Row;
use KindHeel\App\Http\Iso;
use KindHeel\Core\Colour\Shade;
use KindHeel\Core\Treatment\Hazard;
use KindHeel\Core\Treatment\Planning\Wait;
use KindHeel\Core\Treatment\RuleBook;

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
            $row->float('minutes'),
            array_map(static fn (Wait $w): StepWaitView => new StepWaitView($w->bond->step, $w->minMinutes, $w->maxMinutes), StoredWait::of($row)),
            $row->textOrNull('gate'),
            array_map(static fn (string $rule): RemarkView => new RemarkView($rule, RuleBook::because($rule)), $row->words('rules')),
            array_map(static fn (string $hazard): RemarkView => new RemarkView(Hazard::from($hazard)->rule(), Hazard::from($hazard)->caution()), $row->words('hazards')),
            null === $row->textOrNull('shade') ? null : Shade::from($row->text('shade'))->lab()->toSrgbHex(),
            $row->text('brush'),
            Iso::fromRow($row->textOrNull('started_at')),
            $row->textOrNull('person'),
            Iso::fromRow($row->textOrNull('ended_at')),
        );
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

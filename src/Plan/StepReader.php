<?php

declare(strict_types=1);

namespace KindHeel\App\Plan;

use KindHeel\App\Http\Iso;
use KindHeel\Core\Colour\Shade;
use KindHeel\Core\Treatment\Hazard;
use KindHeel\Core\Treatment\RuleBook;

/** Turns a full row of `plan_step`, with `person` for the name of who began it, into a view. */
final class StepReader
{
    /** @param array<string, mixed> $row */
    public static function view(array $row): StepView
    {
        $on = self::json($row['places']);
        $halves = array_values(array_unique(array_column($on, 'half')));

        return new StepView(
            (int) $row['id'],
            (int) $row['version'],
            (int) $row['piece_id'],
            (string) $row['step_key'],
            (string) $row['status'],
            (string) $row['phase'],
            1 === \count($halves) ? $halves[0] : 'both',
            array_values(array_unique(array_column($on, 'part'))),
            (string) $row['title'],
            (string) $row['place_words'],
            (string) $row['why'],
            (string) $row['how'],
            null === $row['amount'] ? null : \sprintf('%s %s', rtrim(rtrim(number_format((float) $row['amount'], 1, '.', ''), '0'), '.'), $row['unit']),
            (float) $row['minutes'],
            array_map(static fn (array $w): StepWaitView => new StepWaitView($w['step'], $w['min'], $w['max']), self::json($row['waits'])),
            null === $row['gate'] ? null : (string) $row['gate'],
            array_map(static fn (string $rule): RemarkView => new RemarkView($rule, RuleBook::because($rule)), self::json($row['rules'])),
            array_map(static fn (string $hazard): RemarkView => new RemarkView(Hazard::from($hazard)->rule(), Hazard::from($hazard)->caution()), self::json($row['hazards'])),
            null === $row['shade'] ? null : Shade::from((string) $row['shade'])->lab()->toSrgbHex(),
            (string) $row['brush'],
            Iso::fromRow($row['started_at']),
            null === $row['person'] ? null : (string) $row['person'],
            Iso::fromRow($row['ended_at']),
        );
    }

    /** @return list<mixed> */
    private static function json(mixed $column): array
    {
        return array_values(json_decode((string) $column, true, flags: \JSON_THROW_ON_ERROR));
    }
}

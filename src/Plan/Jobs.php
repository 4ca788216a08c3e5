<?php

declare(strict_types=1);

namespace KindHeel\App\Plan;

use KindHeel\App\Database\Row;
use KindHeel\App\Learning\Factors;
use KindHeel\Core\Drying\After;
use KindHeel\Core\Drying\Stage;
use KindHeel\Core\Product\FamilyId;
use KindHeel\Core\Schedule\Job;
use KindHeel\Core\Schedule\Task;
use KindHeel\Core\Treatment\Planning\PlannedStep;
use KindHeel\Core\Treatment\Planning\Wait;

/** Steps as the scheduling core sees them, from rows of `plan_step`. */
final class Jobs
{
    public const COLUMNS = 's.id, s.piece_id, s.step_key, s.position, s.title, s.minutes, s.waits, s.status, s.started_at, s.started_by_id, s.ended_at,
        s.next_at, s.phase, s.action, s.family, s.applicator, s.station, s.brush, s.worked_seconds, s.gate_from, s.gate_passed_at, s.drying_family,
        UNIX_TIMESTAMP(s.touch_at) + 60 * s.added_minutes AS touch, UNIX_TIMESTAMP(s.recoat_from_at) + 60 * s.added_minutes AS recoat_from,
        UNIX_TIMESTAMP(s.recoat_until_at) + 60 * s.added_minutes AS recoat_until, UNIX_TIMESTAMP(s.next_at) + 60 * s.added_minutes AS next,
        UNIX_TIMESTAMP(s.full_at) + 60 * s.added_minutes AS full';

    /**
     * @param list<Row> $rows    of one piece, by position
     * @param Factors   $factors what has been learned of minutes and of drying
     */
    public static function of(int $piece, \DateTimeImmutable $due, array $rows, Factors $factors = new Factors()): Job
    {
        $drying = [];
        foreach ($rows as $row) {
            $drying[$row->text('step_key')] = $factors->drying($row->textOrNull('drying_family'), $row->text('applicator'));
        }

        return new Job($piece, $due, array_map(static fn (Row $r): Task => self::task($r, $factors, $drying), $rows));
    }

    /**
     * A piece as it would be planned now, of which nothing has been begun.
     *
     * @param list<PlannedStep> $steps
     */
    public static function planned(int $piece, \DateTimeImmutable $due, array $steps, Factors $factors): Job
    {
        $drying = $tasks = [];
        foreach ($steps as $i => $planned) {
            $step = $planned->step;
            $drying[$step->id] = $factors->drying($step->dryingFamily()?->value, $step->applicator->value);
            [$after, $usual, $longest] = self::waits($planned->waits, $drying);
            $what = Factors::what($step->action->value, $step->family?->value, $step->applicator->value);
            // Numbers below nothing are those of no stored step.
            $tasks[] = new Task(-1000 * $piece - $i, $piece, $step->id, $i + 1, $planned->title, $planned->minutes * $factors->minutes($what)->factor, $after, usual: $usual, skill: $step->phase->value, station: $planned->station->value, brush: 'neutral' === $planned->brush->value ? null : $planned->brush->value, longest: $longest, what: $what);
        }

        return new Job($piece, $due, $tasks);
    }

    /** @param array<string, float> $drying factor by step */
    private static function task(Row $row, Factors $factors, array $drying): Task
    {
        $done = StepStatus::Done->value === $row->text('status');
        $moments = [];
        foreach ($done && null !== $row->textOrNull('drying_family') ? Stage::cases() : [] as $stage) {
            $moments[$stage->value] = $row->intOrNull($stage->value);
        }
        // What a done step once waited for binds nothing any more.
        [$after, $usual, $longest] = self::waits($done ? [] : StoredWait::of($row), $drying);

        return new Task(
            $row->int('id'),
            $row->int('piece_id'),
            $row->text('step_key'),
            $row->int('position'),
            $row->text('title'),
            $row->float('minutes') * $factors->minutes(Factors::what($row->text('action'), $row->textOrNull('family'), $row->text('applicator')))->factor,
            $after,
            StepStatus::Running->value === $row->text('status'),
            $done ? $row->time('ended_at') : null,
            $moments,
            null === $row->textOrNull('gate_from') ? null : Stage::from($row->text('gate_from')),
            null !== $row->textOrNull('gate_passed_at'),
            null === $row->textOrNull('drying_family') ? null : FamilyId::from($row->text('drying_family'))->label(),
            $usual,
            $row->text('phase'),
            $row->text('station'),
            'neutral' === $row->text('brush') ? null : $row->text('brush'),
            $row->int('worked_seconds') / 60.0,
            $done ? null : $row->timeOrNull('started_at'),
            $done ? null : $row->intOrNull('started_by_id'),
            $longest,
            Factors::what($row->text('action'), $row->textOrNull('family'), $row->text('applicator')),
        );
    }

    /**
     * @param list<Wait>           $waits
     * @param array<string, float> $drying factor by step
     *
     * @return array{list<After>, array<string, float>, array<string, float>} bonds, usual minutes and longest minutes by the step that is waited for
     */
    private static function waits(array $waits, array $drying): array
    {
        $after = $usual = $longest = [];
        foreach ($waits as $wait) {
            $key = $wait->bond->step;
            $after[] = $wait->bond;
            $usual[$key] = ($wait->minMinutes ?? 0.0) * ($drying[$key] ?? 1.0);
            if (null !== $wait->maxMinutes) {
                $longest[$key] = $wait->maxMinutes;
            }
        }

        return [$after, $usual, $longest];
    }
}

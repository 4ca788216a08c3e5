<?php

declare(strict_types=1);

namespace KindHeel\App\Plan;

use KindHeel\Core\Drying\Stage;
use KindHeel\Core\Schedule\Job;
use KindHeel\Core\Schedule\Task;
use KindHeel\Core\Treatment\After;
use KindHeel\Core\Treatment\FamilyId;

/** Steps as the scheduling core sees them, from rows of `plan_step`. */
final class Jobs
{
    public const COLUMNS = 's.id, s.piece_id, s.step_key, s.position, s.title, s.minutes, s.waits, s.status, s.started_at, s.started_by_id, s.ended_at,
        s.touch_at, s.recoat_from_at, s.recoat_until_at, s.next_at, s.full_at, s.added_minutes, s.gate_from, s.gate_passed_at, s.drying_family';

    /** @param list<array<string, mixed>> $rows of one piece, by position */
    public static function of(int $piece, \DateTimeImmutable $due, array $rows): Job
    {
        return new Job($piece, $due, array_map(self::task(...), $rows));
    }

    /** @param array<string, mixed> $row */
    private static function task(array $row): Task
    {
        $done = StepStatus::Done->value === $row['status'];
        $moments = [];
        foreach ($done && null !== $row['drying_family'] ? Stage::cases() : [] as $stage) {
            $at = $row[$stage->value.'_at'];
            $moments[$stage->value] = null === $at ? null : (new \DateTimeImmutable((string) $at))->modify('+'.(int) $row['added_minutes'].' minutes');
        }
        $after = [];
        $usual = [];
        foreach (json_decode((string) $row['waits'], true, flags: \JSON_THROW_ON_ERROR) as $wait) {
            $after[] = new After(
                $wait['step'],
                null === $wait['from'] ? null : Stage::from($wait['from']),
                $wait['within'],
                null === $wait['before'] ? null : Stage::from($wait['before']),
            );
            $usual[$wait['step']] = (float) ($wait['min'] ?? 0.0);
        }

        return new Task(
            (int) $row['id'],
            (int) $row['piece_id'],
            (string) $row['step_key'],
            (int) $row['position'],
            (string) $row['title'],
            (float) $row['minutes'],
            $after,
            StepStatus::Running->value === $row['status'],
            $done ? new \DateTimeImmutable((string) $row['ended_at']) : null,
            $moments,
            null === $row['gate_from'] ? null : Stage::from((string) $row['gate_from']),
            null !== $row['gate_passed_at'],
            null === $row['drying_family'] ? null : FamilyId::from((string) $row['drying_family'])->label(),
            $usual,
        );
    }
}

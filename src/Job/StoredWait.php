<?php

declare(strict_types=1);

namespace KindHeel\App\Job;

use KindHeel\App\Database\Row;
use KindHeel\Core\Drying\After;
use KindHeel\Core\Drying\Stage;
use KindHeel\Core\Treatment\Planning\Wait;

/** The waits of a step as the column `waits` keeps them. */
final class StoredWait
{
    /** @return array{step: string, from: string|null, within: float|null, before: string|null, min: float|null, max: float|null} */
    public static function toColumn(Wait $wait): array
    {
        return [
            'step' => $wait->bond->step,
            'from' => $wait->bond->from?->value,
            'within' => $wait->bond->withinMinutes,
            'before' => $wait->bond->before?->value,
            'min' => $wait->minMinutes,
            'max' => $wait->maxMinutes,
        ];
    }

    /** @return list<Wait> */
    public static function of(Row $row): array
    {
        /** @var list<array{step: string, from: string|null, within: float|int|null, before: string|null, min: float|int|null, max: float|int|null}> $waits */
        $waits = $row->json('waits');

        return self::all($waits);
    }

    /**
     * @param list<array{step: string, from: string|null, within: float|int|null, before: string|null, min: float|int|null, max: float|int|null}> $waits
     *
     * @return list<Wait>
     */
    public static function all(array $waits): array
    {
        $all = [];
        foreach ($waits as $w) {
            $from = null === $w['from'] ? null : Stage::from($w['from']);
            $before = null === $w['before'] ? null : Stage::from($w['before']);
            $all[] = new Wait(new After($w['step'], $from, $w['within'], $before), $w['min'], $w['max']);
        }

        return $all;
    }
}

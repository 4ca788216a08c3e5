<?php

declare(strict_types=1);

namespace KindHeel\App\Plan;

use KindHeel\App\Database\Row;
use KindHeel\Core\Colour\ColourFamily;
use KindHeel\Core\Colour\Shade;
use KindHeel\Core\Product\Applicator;
use KindHeel\Core\Product\FamilyId;
use KindHeel\Core\Treatment\Planning\Kit;
use KindHeel\Core\Treatment\Planning\KitLine;
use KindHeel\Core\Treatment\Planning\Supply;

/** The kit list of a stored plan. */
final class PlanKit
{
    /**
     * @param list<Row> $rows of `plan_step`
     *
     * @return list<string>
     */
    public static function of(array $rows): array
    {
        $lines = array_map(static fn (Row $r): KitLine => new KitLine(
            null === $r->textOrNull('family') ? null : FamilyId::from($r->text('family')),
            null === $r->textOrNull('shade') ? null : Shade::from($r->text('shade')),
            $r->floatOrNull('amount'),
            Applicator::from($r->text('applicator')),
            'buff' === $r->text('action') ? ColourFamily::from($r->text('brush')) : null,
            self::supplies($r),
        ), $rows);

        return array_map(static fn (Supply $s): string => $s->label(), Kit::list($lines));
    }

    /** @return list<Supply> */
    public static function supplies(Row $row): array
    {
        /** @var list<array{name: string, amount: float|int|null, unit: string, detail: string}> $told */
        $told = $row->json('supplies');

        return array_map(static fn (array $s): Supply => new Supply($s['name'], null === $s['amount'] ? null : (float) $s['amount'], $s['unit'], $s['detail']), $told);
    }
}

<?php

declare(strict_types=1);

namespace KindHeel\App\Owner;

use Doctrine\DBAL\ArrayParameterType;
use Doctrine\DBAL\Connection;
use KindHeel\App\Database\Row;
use KindHeel\App\Offer\CurrentPrices;
use KindHeel\Core\Anatomy\Kind;
use KindHeel\Core\Care\CareDue;
use KindHeel\Core\Care\CareYear;
use KindHeel\Core\Costing\KindOfWork;

/** What a year of care costs, by the prices of this workshop: two statements. */
final readonly class CareCost
{
    public function __construct(private Connection $connection, private CurrentPrices $prices)
    {
    }

    /** @param list<CareDue> $due */
    public function of(Kind $kind, array $due): CareCostView
    {
        $year = CareYear::of($kind, $due);
        $prices = [];
        foreach ([] === $year->amounts ? [] : Row::all(
            $this->connection,
            'SELECT family, MIN(pack_cents / pack) AS cents FROM product WHERE family IN (?) AND pack_cents IS NOT NULL GROUP BY family',
            [array_keys($year->amounts)],
            [ArrayParameterType::STRING],
        ) as $row) {
            $prices[$row->text('family')] = $row->float('cents');
        }
        $materials = $year->materials($prices);
        $terms = $this->prices->terms();
        $anHour = 100.0 * (float) (string) $terms->rateOf(KindOfWork::Finishing, []);

        return new CareCostView(
            (int) round($year->ownMinutes),
            null === $materials ? null : (int) round($materials),
            (int) round($year->shopMinutes / 60.0 * $anHour),
            $terms->currency,
        );
    }
}

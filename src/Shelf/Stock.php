<?php

declare(strict_types=1);

namespace KindHeel\App\Shelf;

use Doctrine\DBAL\Connection;
use KindHeel\App\Clock\Iso;
use KindHeel\App\Database\Row;
use KindHeel\Core\Colour\Shade;
use KindHeel\Core\Product\FamilyId;
use KindHeel\Core\Product\Unit;
use KindHeel\Core\Stock\Candidate;
use KindHeel\Core\Stock\LotOnHand;
use KindHeel\Core\Stock\OpenedLife;
use KindHeel\Core\Stock\OrderPoint;

/** What is there, how fast it goes, and what is on its way. */
final readonly class Stock
{
    /** Use is learned from so many days, at least from the least of them. */
    private const LOOK_BACK_DAYS = 90;
    private const LEAST_DAYS = 14;
    private const THERE = 'SELECT product_id, SUM(GREATEST(left_amount, 0)) AS there, SUM(left_amount < 0) AS beyond, COUNT(*) AS lots, MIN(opened_at) AS opened
        FROM lot WHERE emptied_at IS NULL GROUP BY product_id';
    /** How much a lot was taken from for work. */
    private const WORK = "kind IN ('step', 'pot', 'taken')";

    public function __construct(private Connection $connection)
    {
    }

    /** @return array<int, float> by product, in its unit; those that are there */
    public function left(): array
    {
        $left = [];
        foreach (Row::all($this->connection, self::THERE) as $row) {
            $left[$row->int('product_id')] = $row->float('there');
        }

        return $left;
    }

    /** @return list<OnShelf> every product, or those of some families */
    public function all(FamilyId ...$families): array
    {
        $where = [] === $families ? '' : ' WHERE p.family IN ('.implode(', ', array_fill(0, \count($families), '?')).')';

        return array_map(
            static fn (Row $r): OnShelf => new OnShelf(
                $r->int('id'),
                $r->text('name'),
                $family = $r->enumOrNull('family', FamilyId::class),
                $r->enum('kind', ProductKind::class),
                $r->enumOrNull('shade', Shade::class),
                $r->enum('unit', Unit::class),
                $r->float('pack'),
                $r->intOrNull('pack_cents'),
                $r->text('supplier'),
                $r->int('lead_days'),
                $r->floatOrNull('water'),
                $r->text('hex'),
                $r->flag('retired'),
                $r->floatOrNull('there') ?? 0.0,
                0 < (int) $r->floatOrNull('beyond'),
                (int) $r->intOrNull('lots'),
                $r->timeOrNull('opened'),
                new OpenedLife($r->intOrNull('opened_months') ?? $family?->family()->openedMonths ?? OpenedLife::LONG),
            ),
            Row::all(
                $this->connection,
                'SELECT p.id, p.name, p.family, p.kind, p.shade, p.unit, p.pack, p.pack_cents, p.supplier, p.lead_days, p.water, p.hex, p.retired,
                        p.opened_months, l.there, l.beyond, l.lots, l.opened
                    FROM product p LEFT JOIN ('.self::THERE.') l ON l.product_id = p.id'.$where.' ORDER BY p.name, p.id',
                array_map(static fn (FamilyId $f): string => $f->value, array_values($families)),
            ),
        );
    }

    /**
     * More than colours stand on the shelf: what is missing there is missed.
     *
     * @param list<OnShelf> $known some of what stands there
     */
    public function isKept(array $known): bool
    {
        return [] !== array_filter($known, static fn (OnShelf $p): bool => ProductKind::Plain === $p->kind)
            || null !== Row::first($this->connection, 'SELECT id FROM product WHERE kind = ? LIMIT 1', [ProductKind::Plain->value]);
    }

    /** @return list<Candidate> */
    public function candidates(FamilyId $family): array
    {
        return array_map(static fn (OnShelf $p): Candidate => $p->candidate(), $this->all($family));
    }

    /**
     * @param list<int> $products
     *
     * @return array<int, list<LotOnHand>> by product, those that are not empty
     */
    public function lots(array $products): array
    {
        $lots = [];
        foreach ([] === $products ? [] : Row::all(
            $this->connection,
            'SELECT id, product_id, left_amount, bought_at, opened_at FROM lot WHERE emptied_at IS NULL AND product_id IN ('
                .implode(', ', array_fill(0, \count($products), '?')).') ORDER BY id',
            $products,
        ) as $row) {
            $lots[$row->int('product_id')][] = new LotOnHand(
                $row->int('id'),
                $row->float('left_amount'),
                $row->time('bought_at'),
                $row->timeOrNull('opened_at'),
            );
        }

        return $lots;
    }

    /**
     * When each product is to be ordered again, by what has been taken of it.
     *
     * @param list<OnShelf> $products
     *
     * @return array<int, OrderPoint>
     */
    public function orderPoints(array $products, \DateTimeImmutable $now): array
    {
        $since = $now->modify(\sprintf('-%d days', self::LOOK_BACK_DAYS));
        $used = $jobs = $first = [];
        foreach (Row::all(
            $this->connection,
            'SELECT product_id, piece_id, -SUM(amount) AS used, MIN(at) AS first FROM lot_move WHERE '.self::WORK.' AND at >= ? GROUP BY product_id, piece_id',
            [Iso::toRow($since)],
        ) as $row) {
            $product = $row->int('product_id');
            $used[$product] = ($used[$product] ?? 0.0) + $row->float('used');
            $jobs[$product][] = $row->float('used');
            $first[$product] = min($first[$product] ?? $now, $row->time('first'));
        }
        $points = [];
        foreach ($products as $product) {
            $days = max(self::LEAST_DAYS, (int) (isset($first[$product->id]) ? $first[$product->id]->diff($now)->days : 0));
            $points[$product->id] = OrderPoint::of(($used[$product->id] ?? 0.0) / $days, $product->leadDays, OrderPoint::usualJob($jobs[$product->id] ?? []));
        }

        return $points;
    }

    /** @return array<int, int> packs that are on their way, by product */
    public function ordered(): array
    {
        $ordered = [];
        foreach (Row::all(
            $this->connection,
            'SELECT product_id, SUM(packs) AS packs FROM purchase_order WHERE received_at IS NULL GROUP BY product_id',
        ) as $row) {
            $ordered[$row->int('product_id')] = (int) $row->float('packs');
        }

        return $ordered;
    }
}

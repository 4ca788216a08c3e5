<?php

declare(strict_types=1);

namespace KindHeel\App\Shelf;

use Doctrine\DBAL\Connection;
use Doctrine\ORM\EntityManagerInterface;
use KindHeel\App\Clock\Iso;
use KindHeel\App\Database\Row;
use KindHeel\Core\Product\Unit;
use KindHeel\Core\Stock\Draw;
use KindHeel\Core\Stock\OrderPoint;
use Psr\Clock\ClockInterface;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** Reads the shelf: all of it in four queries. */
final readonly class ShelfReader
{
    /** So many of the newest are shown. */
    private const SEEN = 60;
    private const DAYS_A_MONTH = 30.4;
    private const MOVES = 'SELECT m.id, m.kind, m.amount, m.at, m.lot_id, m.product_id, m.piece_id, m.step_id, m.note, pr.name AS product, pr.unit,
            w.name AS person, p.name AS piece, s.title, po.name AS pot
        FROM lot_move m JOIN product pr ON pr.id = m.product_id LEFT JOIN person w ON w.id = m.by_id LEFT JOIN piece p ON p.id = m.piece_id
            LEFT JOIN plan_step s ON s.id = m.step_id LEFT JOIN pot po ON po.id = m.pot_id';

    public function __construct(
        private Connection $connection,
        private EntityManagerInterface $entities,
        private Stock $stock,
        private PlansNeed $plans,
        private ClockInterface $clock,
    ) {
    }

    public function all(): ShelfView
    {
        $now = $this->clock->now();
        $products = $this->stock->all();
        $reserved = $this->plans->reserved($products);
        $points = $this->stock->orderPoints($products, $now);
        $ordered = $this->stock->ordered();
        $rows = [];
        foreach ($products as $product) {
            $rows[] = self::row($product, $reserved[$product->id] ?? 0.0, $points[$product->id], $ordered[$product->id] ?? 0, $now);
        }
        $suppliers = array_values(array_unique(array_filter(array_map(static fn (OnShelf $p): string => $p->supplier, $products))));
        sort($suppliers);

        return new ShelfView($rows, \count(array_filter($rows, static fn (ProductRowView $r): bool => $r->order > 0)), $suppliers);
    }

    public function product(int $id): ProductSheetView
    {
        $now = $this->clock->now();
        $product = $this->entities->find(Product::class, $id) ?? throw new NotFoundHttpException();
        $all = null === $product->family() ? $this->stock->all() : $this->stock->all($product->family());
        $here = array_values(array_filter($all, static fn (OnShelf $p): bool => $p->id === $id))[0];
        $reserved = $this->plans->reserved($all)[$id] ?? 0.0;
        $point = $this->stock->orderPoints([$here], $now)[$id];
        $row = self::row($here, $reserved, $point, $this->stock->ordered()[$id] ?? 0, $now);
        $input = $product->told();

        return new ProductSheetView(
            $id,
            $product->version(),
            $product->name(),
            $product->kind(),
            $product->family(),
            $input->shade,
            $product->unit(),
            $product->pack(),
            $input->packCents,
            $input->supplier,
            $input->leadDays,
            $input->densityGPerMl,
            $input->emptyPackG,
            $input->water,
            $input->notOn,
            $input->openedMonths,
            $product->opened()->months,
            null !== $product->sheet(),
            $input->retired,
            round($here->left, 1),
            round($reserved, 1),
            round($point->perDay * self::DAYS_A_MONTH, 1),
            round($point->usualJob, 1),
            round($point->level, 1),
            $row->order,
            $row->says,
            $this->lots('l.product_id = ?', $id, $here),
            $this->moves('m.product_id = ?', $id),
        );
    }

    public function standing(): LotsView
    {
        $products = [];
        foreach ($this->stock->all() as $product) {
            $products[$product->id] = $product;
        }
        $now = $this->clock->now();
        $lots = array_map(
            static fn (Row $r): LotView => self::lotView($r, $products[$r->int('product_id')], $now),
            Row::all(
                $this->connection,
                'SELECT l.* FROM lot l JOIN product p ON p.id = l.product_id WHERE l.emptied_at IS NULL ORDER BY l.place, p.name, l.id',
            ),
        );

        return new LotsView($lots);
    }

    public function lot(int $id): LotSheetView
    {
        $lot = $this->entities->find(Lot::class, $id) ?? throw new NotFoundHttpException();
        $all = $this->stock->all();
        $here = array_values(array_filter($all, static fn (OnShelf $p): bool => $p->id === $lot->product()->id()))[0];

        return new LotSheetView($this->lots('l.id = ?', $id, $here)[0], $this->moves('m.lot_id = ?', $id));
    }

    public function onPiece(int $id): OnPieceView
    {
        $piece = Row::first($this->connection, 'SELECT name FROM piece WHERE id = ?', [$id]) ?? throw new NotFoundHttpException();

        return new OnPieceView($id, $piece->text('name'), $this->moves('m.piece_id = ?', $id));
    }

    public function orders(): OrdersView
    {
        $now = $this->clock->now();
        $lines = [];
        $products = [];
        foreach ($this->stock->all() as $product) {
            $products[$product->id] = $product;
        }
        foreach ($this->all()->products as $row) {
            if ($row->order > 0) {
                $product = $products[$row->id];
                $lines[] = new OrderLineView(
                    $row->id,
                    $row->name,
                    $row->supplier,
                    $row->order,
                    $row->pack,
                    $row->unit,
                    null === $product->packCents ? null : $product->packCents * $row->order,
                    $product->leadDays,
                    $row->left,
                    $row->reserved,
                    $row->says ?? '',
                );
            }
        }
        usort($lines, static fn (OrderLineView $a, OrderLineView $b): int => [$a->supplier, $a->name] <=> [$b->supplier, $b->name]);
        $onTheWay = array_map(static function (Row $r) use ($now): OnTheWayView {
            $expected = $r->time('ordered_at')->modify(\sprintf('+%d days', $r->int('lead_days')));

            return new OnTheWayView(
                $r->int('id'),
                $r->int('product_id'),
                $r->text('name'),
                $r->text('supplier'),
                $r->int('packs'),
                $r->float('pack'),
                $r->enum('unit', Unit::class),
                Iso::always($r->text('ordered_at')),
                $r->text('person'),
                Iso::of($expected) ?? '',
                $expected < $now,
            );
        }, Row::all(
            $this->connection,
            'SELECT o.id, o.product_id, o.packs, o.ordered_at, p.name, p.supplier, p.pack, p.unit, p.lead_days, w.name AS person
                FROM purchase_order o JOIN product p ON p.id = o.product_id JOIN person w ON w.id = o.by_id
                WHERE o.received_at IS NULL ORDER BY o.ordered_at, o.id',
        ));

        return new OrdersView($lines, $onTheWay);
    }

    private static function row(OnShelf $product, float $reserved, OrderPoint $point, int $ordered, \DateTimeImmutable $now): ProductRowView
    {
        $wanted = $product->retired ? 0 : $point->packs($product->left - $reserved, $product->pack);
        $order = max(0, $wanted - $ordered);
        $state = self::state($product, $reserved, $wanted, $now);

        return new ProductRowView(
            $product->id,
            $product->name,
            $product->family,
            $product->family?->family()->phase,
            $product->kind,
            ProductKind::Plain === $product->kind ? $product->shade?->hex() : $product->hex,
            $product->unit,
            $product->pack,
            round($product->left, 1),
            round($reserved, 1),
            $product->lots,
            $state,
            match ($state) {
                StockState::Out => $reserved > 0.0 ? \sprintf('None is left, and plans want %s.', $product->unit->told($reserved)) : 'None is left.',
                StockState::Short => \sprintf('Plans want %s; %s is left.', $product->unit->told($reserved), $product->unit->told($product->left)),
                StockState::Old => \sprintf('Opened %s; opened it keeps %d months.', $product->opened?->format('F Y') ?? '', $product->life->months),
                StockState::Beyond => 'More was taken from a lot than was in it. Weigh it.',
                StockState::Low => \sprintf(
                    '%s is left; it is ordered below %s.',
                    $product->unit->told($product->left),
                    $product->unit->told($point->level + $reserved),
                ),
                StockState::Enough => null,
            },
            $order,
            $ordered,
            $product->supplier,
            $product->retired,
        );
    }

    private static function state(OnShelf $product, float $reserved, int $wanted, \DateTimeImmutable $now): StockState
    {
        return match (true) {
            $product->retired && $product->left <= 0.0 => StockState::Enough,
            $product->left <= 0.0 => StockState::Out,
            $reserved > $product->left => StockState::Short,
            $product->isOld($now) => StockState::Old,
            $product->beyond => StockState::Beyond,
            $wanted > 0 => StockState::Low,
            default => StockState::Enough,
        };
    }

    /** @return list<LotView> */
    private function lots(string $where, int $value, OnShelf $product): array
    {
        $rows = [];
        foreach (Row::all($this->connection, 'SELECT l.* FROM lot l WHERE '.$where, [$value]) as $row) {
            $rows[$row->int('id')] = $row;
        }
        $order = array_map(static fn ($l): int => $l->id, Draw::inOrder($this->stock->lots([$product->id])[$product->id] ?? []));
        uksort($rows, static function (int $a, int $b) use ($order, $rows): int {
            $at = static fn (int $id): array => [null !== $rows[$id]->textOrNull('emptied_at'), array_search($id, $order, true), -$id];

            return $at($a) <=> $at($b);
        });
        $now = $this->clock->now();

        return array_map(static fn (Row $r): LotView => self::lotView($r, $product, $now), array_values($rows));
    }

    private static function lotView(Row $row, OnShelf $product, \DateTimeImmutable $now): LotView
    {
        $opened = $row->timeOrNull('opened_at');

        return new LotView(
            $row->int('id'),
            $product->id,
            $product->name,
            $product->unit,
            $row->float('amount'),
            round($row->float('left_amount'), 1),
            Iso::always($row->text('bought_at')),
            Iso::fromRow($row->textOrNull('opened_at')),
            Iso::fromRow($row->textOrNull('emptied_at')),
            null === $opened ? null : Iso::of($product->life->endsAt($opened)),
            null !== $opened && $product->life->isOver($opened, $now),
            $row->text('place'),
            $row->text('batch'),
            $row->intOrNull('cents'),
        );
    }

    /** @return list<MoveView> */
    private function moves(string $where, int $value): array
    {
        return array_map(static fn (Row $r): MoveView => new MoveView(
            $r->int('id'),
            $r->enum('kind', LotMoveKind::class),
            round($r->float('amount'), 2),
            $r->enum('unit', Unit::class),
            Iso::always($r->text('at')),
            $r->textOrNull('person'),
            $r->intOrNull('lot_id'),
            $r->int('product_id'),
            $r->text('product'),
            $r->intOrNull('piece_id'),
            $r->textOrNull('piece'),
            $r->intOrNull('step_id'),
            $r->textOrNull('title') ?? $r->textOrNull('pot') ?? '',
            $r->text('note'),
        ), Row::all($this->connection, self::MOVES.' WHERE '.$where.' ORDER BY m.at DESC, m.id DESC LIMIT '.self::SEEN, [$value]));
    }
}

<?php

declare(strict_types=1);

namespace KindHeel\App\Shelf;

use Doctrine\DBAL\Connection;
use Doctrine\ORM\EntityManagerInterface;
use KindHeel\App\Clock\Iso;
use KindHeel\App\Database\Row;
use KindHeel\App\Job\StoredStep;
use KindHeel\App\People\Person;
use KindHeel\Core\Colour\Shade;
use KindHeel\Core\Product\Effect;
use KindHeel\Core\Product\FamilyId;
use KindHeel\Core\Stock\Candidate;
use KindHeel\Core\Stock\Draw;
use KindHeel\Core\Stock\LotOnHand;
use KindHeel\Core\Text\FieldError;
use KindHeel\Core\Treatment\Planning\ProductNeed;

/** Books what is taken from packs and what goes back into them: by differences, under a lock, so that of two who take at once both are booked. */
final readonly class Takings
{
    public function __construct(private Connection $connection, private EntityManagerInterface $entities, private Stock $stock)
    {
    }

    /**
     * For a step that has been done: as it was planned, from the oldest open pack of the product that fits best, unless hands say otherwise. What is mixed in
     * a pot was booked drop by drop.
     *
     * @param float|null $amount from the pack, in its unit
     *
     * @throws FieldError where there is no such pack, or it is not of what the step lays
     */
    public function forStep(StoredStep $step, ?float $amount, ?int $lot, Person $by, \DateTimeImmutable $at): void
    {
        $family = $step->family();
        $planned = $step->amount();
        if (null === $family || null === $planned && null === $amount) {
            return;
        }
        $chosen = null === $lot ? null : $this->entities->find(Lot::class, $lot) ?? throw new FieldError('lot', 'There is no such lot on the shelf.');
        if (null !== $chosen && $chosen->product()->family() !== $family) {
            throw new FieldError('lot', \sprintf('“%s” is not what this step lays.', $chosen->product()->name()));
        }
        if (null === $chosen && $family->does(Effect::IsMixed)) {
            return;
        }
        $product = $chosen?->product() ?? $this->best($family, $step->shade());
        if (null === $product) {
            return;
        }
        $from = $amount ?? ProductNeed::fromPack($family, (float) $planned, $product->dilution());
        $this->take($product, $from, LotMoveKind::Step, $at, $by, $lot, $step->piece()->id(), $step->id());
    }

    /** What was booked for a step since it was last begun goes back to where it came from; what an earlier go at it took is gone. */
    public function back(StoredStep $step): void
    {
        $since = $step->work()->startedAt();
        foreach ($this->entities->getRepository(LotMove::class)->findBy(['stepId' => $step->id(), 'kind' => LotMoveKind::Step]) as $move) {
            if (null !== $since && $move->at()->getTimestamp() < $since->getTimestamp()) {
                continue;
            }
            if (null !== $move->lot()) {
                $this->add($move->lot()->id(), -$move->amount());
            }
            $this->entities->remove($move);
        }
    }

    /** Drops that went into a pot; fewer than none go back. One line a pot and pack, however often it drips. */
    public function forPot(Product $product, float $ml, int $pot, int $piece, Person $by, \DateTimeImmutable $at): void
    {
        $before = Row::all(
            $this->connection,
            'SELECT id, lot_id, amount FROM lot_move WHERE pot_id = ? AND product_id = ? AND kind = ? ORDER BY id DESC FOR UPDATE',
            [$pot, $product->id(), LotMoveKind::Pot->value],
        );
        $into = $ml >= 0.0 ? Draw::from($this->onHand($product->id()), $ml) : [];
        $back = max(0.0, -$ml);
        foreach ($back > 0.0 ? $before : [] as $move) {
            $here = min($back, -$move->float('amount'));
            if (null !== $move->intOrNull('lot_id')) {
                $into[$move->int('lot_id')] = -$here;
            }
            $back -= $here;
        }
        foreach ($into as $lot => $taken) {
            $this->add($lot, -$taken, $taken > 0.0 ? $at : null);
            $row = array_values(array_filter($before, static fn (Row $r): bool => $r->intOrNull('lot_id') === $lot))[0] ?? null;
            if (null === $row) {
                $this->entities->persist(new LotMove(
                    $this->entities->getReference(Lot::class, $lot),
                    $product,
                    LotMoveKind::Pot,
                    -$taken,
                    $at,
                    $by,
                    $piece,
                    potId: $pot,
                ));
                $this->entities->flush();
            } else {
                $this->connection->executeStatement('UPDATE lot_move SET amount = amount - ?, at = ? WHERE id = ?', [$taken, Iso::toRow($at), $row->int('id')]);
            }
        }
    }

    /**
     * @param float $amount from the pack; more than is thought to be there is booked all the same
     */
    public function take(
        Product $product,
        float $amount,
        LotMoveKind $kind,
        \DateTimeImmutable $at,
        ?Person $by,
        ?int $lot = null,
        ?int $piece = null,
        ?int $step = null,
        string $note = '',
    ): void {
        // What hands say is so, whatever is thought to be in it.
        $from = null === $lot ? Draw::from($this->onHand($product->id()), $amount) : [$lot => $amount];
        foreach ([] === $from ? [0 => $amount] : $from as $id => $taken) {
            if ($id > 0) {
                $this->add($id, -$taken, $at);
            }
            $this->entities->persist(new LotMove(
                $id > 0 ? $this->entities->getReference(Lot::class, $id) : null,
                $product,
                $kind,
                -$taken,
                $at,
                $by,
                $piece,
                $step,
                note: $note,
            ));
        }
    }

    /** It was weighed, or looked at: what is there now, whatever was booked. */
    public function settle(Lot $lot, float $left, Person $by, \DateTimeImmutable $at, string $note): void
    {
        $was = $this->locked($lot->id());
        $this->add($lot->id(), $left - $was);
        $this->entities->persist(new LotMove($lot, $lot->product(), LotMoveKind::Settled, $left - $was, $at, $by, note: $note));
    }

    /** What is left of it will not be used. */
    public function throwAway(Lot $lot, Person $by, \DateTimeImmutable $at, string $why): void
    {
        $was = $this->locked($lot->id());
        $this->add($lot->id(), -$was);
        $lot->empty($at);
        $this->entities->persist(new LotMove($lot, $lot->product(), LotMoveKind::Thrown, -$was, $at, $by, note: $why));
    }

    private function best(FamilyId $family, ?Shade $shade): ?Product
    {
        $best = Candidate::best($this->stock->candidates($family), $shade);

        return null === $best ? null : $this->entities->find(Product::class, $best->product);
    }

    private function locked(int $lot): float
    {
        return Row::first($this->connection, 'SELECT left_amount FROM lot WHERE id = ? FOR UPDATE', [$lot])?->float('left_amount') ?? 0.0;
    }

    /** @return list<LotOnHand> held until the transaction ends */
    private function onHand(int $product): array
    {
        return array_map(
            static fn (Row $r): LotOnHand => new LotOnHand($r->int('id'), $r->float('left_amount'), $r->time('bought_at'), $r->timeOrNull('opened_at')),
            Row::all(
                $this->connection,
                'SELECT id, left_amount, bought_at, opened_at FROM lot WHERE product_id = ? AND emptied_at IS NULL ORDER BY id FOR UPDATE',
                [$product],
            ),
        );
    }

    /** @param \DateTimeImmutable|null $openedAt where something was taken from it: it is open by then */
    private function add(int $lot, float $amount, ?\DateTimeImmutable $openedAt = null): void
    {
        $this->connection->executeStatement(
            'UPDATE lot SET left_amount = left_amount + ?, opened_at = COALESCE(opened_at, ?) WHERE id = ?',
            [$amount, null === $openedAt ? null : Iso::toRow($openedAt), $lot],
        );
    }
}

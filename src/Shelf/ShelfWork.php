<?php

declare(strict_types=1);

namespace KindHeel\App\Shelf;

use Doctrine\ORM\EntityManagerInterface;
use KindHeel\App\Http\Refused;
use KindHeel\App\Job\StoredStep;
use KindHeel\App\People\Person;
use KindHeel\Core\Stock\Weighing;
use KindHeel\Core\Text\FieldError;
use KindHeel\Core\Text\Phrase;
use Psr\Clock\ClockInterface;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** What hands do at the shelf: products come in, are opened, weighed, taken from and thrown away. */
final readonly class ShelfWork
{
    public function __construct(private EntityManagerInterface $entities, private Takings $takings, private ClockInterface $clock)
    {
    }

    public function add(ProductInput $input): Product
    {
        $taken = fn (string $code): bool => null !== $this->entities->getRepository(Product::class)->findOneBy(['code' => $code]);
        $product = Product::plain(ProductCode::free($input->name, $taken), $input);
        $this->entities->persist($product);
        $this->entities->flush();

        return $product;
    }

    /** @throws Refused when somebody else was quicker */
    public function change(int $id, ProductInput $input): void
    {
        $product = $this->product($id);
        if ($product->version() !== $input->version) {
            throw Refused::stale('Somebody else has changed this product meanwhile. This is how it stands now; change yours once more.');
        }
        $was = $product->told();
        $another = $was->family !== $input->family || null === $input->family && $was->unit !== $input->unit;
        if ($another && null !== $this->entities->getRepository(LotMove::class)->findOneBy(['product' => $id])) {
            throw new FieldError('unit', 'Some of it has been used: what it is and how it is measured stay. Write another product down instead.');
        }
        $product->change($input);
    }

    /** @return list<Lot> */
    public function buy(int $product, BuyInput $input, Person $by): array
    {
        $product = $this->product($product);
        $lots = [];
        for ($i = 0; $i < $input->packs; ++$i) {
            $lot = new Lot(
                $product,
                $input->amount ?? $product->pack(),
                $this->clock->now(),
                trim($input->place),
                trim($input->batch),
                $input->cents ?? $product->told()->packCents,
            );
            $this->entities->persist($lot);
            $this->entities->persist(new LotMove($lot, $product, LotMoveKind::Bought, $lot->amount(), $this->clock->now(), $by));
            $lots[] = $lot;
        }

        return $lots;
    }

    public function open(int $id): void
    {
        $lot = $this->standing($id);
        $lot->isOpened() ? throw Refused::now('This lot is open already.') : $lot->open($this->clock->now());
    }

    /** It was said to be open by mistake. */
    public function closeAgain(int $id): void
    {
        $lot = $this->standing($id);
        $taken = array_filter(
            $this->entities->getRepository(LotMove::class)->findBy(['lot' => $id]),
            static fn (LotMove $m): bool => !\in_array($m->kind(), [LotMoveKind::Bought, LotMoveKind::Settled], true),
        );
        if ([] !== $taken) {
            throw Refused::now('Something was taken from it: it has been opened.');
        }
        $lot->closeAgain();
    }

    /** @throws FieldError where neither or both are said, or what is said cannot be */
    public function settle(int $id, LeftInput $input, Person $by): void
    {
        $lot = $this->standing($id);
        $product = $lot->product();
        if ((null === $input->grossG) === (null === $input->left)) {
            throw new FieldError('left', 'Say what it weighs, or what is left: one of the two.');
        }
        if (null === $input->grossG) {
            $this->takings->settle($lot, (float) $input->left, $by, $this->clock->now(), 'looked at');

            return;
        }
        $empty = $input->emptyG ?? $product->emptyPackG() ?? throw new FieldError('emptyG', 'What does the empty pack weigh? It is asked once.');
        $left = Weighing::left($input->grossG, $empty, $product->densityGPerMl(), $product->unit());
        if (null === $product->emptyPackG()) {
            $product->packWeighs($empty);
        }
        $this->takings->settle($lot, $left, $by, $this->clock->now(), \sprintf('weighed: %s g with its pack', Phrase::figure($input->grossG)));
    }

    public function put(int $id, PlaceOnShelfInput $input): void
    {
        $this->lot($id)->put($input->place);
    }

    public function throwAway(int $id, ThrowInput $input, Person $by): void
    {
        $this->takings->throwAway($this->standing($id), $by, $this->clock->now(), trim($input->why));
    }

    /** It was not empty after all; how much is in it is said by the next weighing. */
    public function back(int $id): void
    {
        $lot = $this->lot($id);
        $lot->isEmptied() ? $lot->isBack() : throw Refused::now('This lot stands on the shelf.');
    }

    /** Taken by hand, for what no plan knows. */
    public function take(int $id, TakenInput $input, Person $by): void
    {
        $lot = $this->standing($id);
        $this->takings->take($lot->product(), $input->amount, LotMoveKind::Taken, $this->clock->now(), $by, $id, note: trim($input->note));
    }

    /** What a step took was otherwise than it was booked. */
    public function correct(int $piece, int $step, TakenInput $input, Person $by): void
    {
        $step = $this->entities->getRepository(StoredStep::class)->findOneBy(['id' => $step, 'piece' => $piece]) ?? throw new NotFoundHttpException();
        if (!$step->isDone() && !$step->isSpoiled()) {
            throw Refused::now('This step has not been done yet: nothing was taken for it.');
        }
        if (null === $step->family()) {
            throw Refused::now('This step takes nothing from the shelf.');
        }
        $this->takings->back($step);
        $this->entities->flush();
        $this->takings->forStep($step, $input->amount, $input->lot, $by, $step->work()->endedAt() ?? $this->clock->now());
    }

    public function order(OrderInput $input, Person $by): void
    {
        $this->entities->persist(new PurchaseOrder($this->product($input->product), $input->packs, $this->clock->now(), $by));
    }

    /** They have come: each is a lot of its own. */
    public function receive(int $order, Person $by): void
    {
        $order = $this->onTheWay($order);
        $order->receive($this->clock->now());
        $this->buy($order->product()->id(), new BuyInput($order->packs()), $by);
    }

    /** It was not ordered after all. */
    public function callOff(int $order): void
    {
        $this->entities->remove($this->onTheWay($order));
    }

    private function onTheWay(int $id): PurchaseOrder
    {
        $order = $this->entities->find(PurchaseOrder::class, $id) ?? throw new NotFoundHttpException();

        return $order->isReceived() ? throw Refused::now('This has come in already.') : $order;
    }

    private function product(int $id): Product
    {
        return $this->entities->find(Product::class, $id) ?? throw new NotFoundHttpException();
    }

    private function lot(int $id): Lot
    {
        return $this->entities->find(Lot::class, $id) ?? throw new NotFoundHttpException();
    }

    private function standing(int $id): Lot
    {
        $lot = $this->lot($id);

        return $lot->isEmptied() ? throw Refused::now('This lot has been emptied.') : $lot;
    }
}

<?php

declare(strict_types=1);

namespace KindHeel\App\Demo;

use Doctrine\ORM\EntityManagerInterface;
use KindHeel\App\People\Person;
use KindHeel\App\Shelf\Lot;
use KindHeel\App\Shelf\LotMove;
use KindHeel\App\Shelf\LotMoveKind;
use KindHeel\App\Shelf\OnShelf;
use KindHeel\App\Shelf\PlansNeed;
use KindHeel\App\Shelf\Product;
use KindHeel\App\Shelf\ProductCsv;
use KindHeel\App\Shelf\ProductKind;
use KindHeel\App\Shelf\PurchaseOrder;
use KindHeel\App\Shelf\Stock;
use KindHeel\App\Shelf\Takings;

/** The shelf of the workshop by the theatre: bought over a year and a half, opened one after the other, one of it too old, one about to run out. */
final readonly class DemoShelf
{
    private const PLACES = ['wall shelf, top', 'wall shelf, middle', 'wall shelf, low', 'cabinet by the sink', 'steel cabinet'];
    private const OLD = 'contact-cement';
    /** So much of what the plans want of it is still there. */
    private const SHORT = 0.6;

    public function __construct(
        private EntityManagerInterface $entities,
        private ProductCsv $csv,
        private Takings $takings,
        private Stock $stock,
        private PlansNeed $plans,
        private string $projectDir,
    ) {
    }

    public function fill(\DateTimeImmutable $at, Person $by): void
    {
        $this->csv->read((string) file_get_contents($this->projectDir.'/demo/products.csv'), apply: true);
        foreach ($this->entities->getRepository(Product::class)->findBy([], ['id' => 'ASC']) as $product) {
            $this->lots($product, $at, $by);
        }
        $this->entities->flush();
    }

    /** A plan wants more of one product than is there, and what was ordered yesterday is on its way. */
    public function runLow(\DateTimeImmutable $now, Person $by): void
    {
        $products = array_filter($this->stock->all(), static fn (OnShelf $p): bool => ProductKind::Plain === $p->kind && $p->left > 0.0);
        $reserved = $this->plans->reserved(array_values($products));
        arsort($reserved);
        $id = array_key_first($reserved);
        $wanted = null === $id ? 0.0 : $reserved[$id];
        $lots = $this->entities->getRepository(Lot::class);
        foreach (null === $id ? [] : $lots->findBy(['product' => $id, 'emptiedAt' => null], ['id' => 'ASC']) as $i => $lot) {
            0 === $i
                ? $this->takings->settle($lot, round(self::SHORT * $wanted), $by, $now, 'looked at')
                : $this->takings->throwAway($lot, $by, $now, 'it had frozen on the way');
            $lot->open($now);
        }
        $polish = $this->entities->getRepository(Product::class)->findOneBy(['code' => 'wax-neutral']);
        if (null !== $polish) {
            $this->entities->persist(new PurchaseOrder($polish, 2, $now->modify('-1 day'), $by));
        }
        $this->entities->flush();
    }

    private function lots(Product $product, \DateTimeImmutable $at, Person $by): void
    {
        $chance = crc32($product->code());
        $before = static fn (int $days): \DateTimeImmutable => $at->modify(\sprintf('-%d days', $days));
        $place = self::PLACES[$chance % \count(self::PLACES)];
        $old = self::OLD === $product->code();
        $opened = new Lot($product, $product->pack(), $before($old ? 430 : 120 + $chance % 40), $place);
        $opened->open($before($old ? 425 : 20 + $chance % 60));
        $lots = [$opened];
        if (ProductKind::Plain === $product->kind()) {
            $empty = new Lot($product, $product->pack(), $before(260 + $chance % 150), $place);
            $empty->open($before(250 + $chance % 90));
            $lots = [$empty, $opened, ...(0 === $chance % 3 ? [] : [new Lot($product, $product->pack(), $before(12 + $chance % 30), $place)])];
        }
        foreach ($lots as $lot) {
            $this->entities->persist($lot);
            $this->entities->persist(new LotMove($lot, $product, LotMoveKind::Bought, $lot->amount(), $lot->boughtAt(), $by));
        }
        $this->entities->flush();
        if (isset($empty)) {
            $this->takings->throwAway($empty, $by, $before(25 + $chance % 50), 'used up');
        }
        $this->takings->settle($opened, round($product->pack() * (0.25 + $chance % 50 / 100.0), 1), $by, $before(10), 'looked at');
    }
}

<?php

declare(strict_types=1);

namespace KindHeel\App\Colour;

use Doctrine\ORM\EntityManagerInterface;
use KindHeel\App\Shelf\Product;
use KindHeel\App\Shelf\ProductKind;
use KindHeel\App\Shelf\Stock;
use KindHeel\Core\Colour\Dye;
use KindHeel\Core\Colour\Paint;
use KindHeel\Core\Colour\Pot\Dab;
use KindHeel\Core\Colour\Pot\PaintEvidence;
use KindHeel\Core\Colour\Pot\Palette;
use KindHeel\Core\Colour\Pot\Portion;
use Symfony\Contracts\Service\ResetInterface;

/** The colours that are really there. */
final class ColourShelf implements ResetInterface
{
    /** @var array<string, Product>|null */
    private ?array $products = null;
    /** @var array<int, float>|null */
    private ?array $left = null;

    public function __construct(private readonly EntityManagerInterface $entities, private readonly Stock $stock)
    {
    }

    /** Between requests. */
    public function reset(): void
    {
        $this->products = $this->left = null;
    }

    /** What there is of one, in ml. */
    public function left(Product $product): float
    {
        $this->left ??= $this->stock->left();

        return $this->left[$product->id()] ?? 0.0;
    }

    /** Something was taken. */
    public function lookAgain(): void
    {
        $this->left = null;
    }

    /** @return array<string, Product> by code */
    public function products(): array
    {
        $known = $this->products[array_key_first($this->products ?? [])] ?? null;
        if (null === $this->products || null !== $known && !$this->entities->contains($known)) {
            $this->products = [];
            foreach ($this->entities->getRepository(Product::class)->findBy(['kind' => ProductKind::colours()], ['id' => 'ASC']) as $product) {
                $this->products[$product->code()] = $product;
            }
        }

        return $this->products;
    }

    /** What there is to mix from. */
    public function palette(): Palette
    {
        $mixable = array_filter($this->products(), static fn (Product $p): bool => ProductKind::Dye !== $p->kind());

        return new Palette(
            array_map(static fn (Product $p): Paint => $p->paintAsShown(), $mixable),
            array_map(static fn (Product $p): string => $p->name(), $mixable),
            array_map($this->left(...), $mixable),
        );
    }

    /** What dabs have shown of the paints is kept with them: the next recipes promise by it. */
    public function learn(Dab ...$dabs): void
    {
        $mixable = array_filter($this->products(), static fn (Product $p): bool => ProductKind::Dye !== $p->kind());
        $ratios = PaintEvidence::of(array_values($dabs), array_map(static fn (Product $p): Paint => $p->paint(), $mixable))->ratios();
        foreach ($mixable as $code => $product) {
            $product->hasShown($ratios[$code] ?? null);
        }
    }

    /** @return array<string, Dye> */
    public function dyes(): array
    {
        return array_map(
            static fn (Product $p): Dye => $p->dye(),
            array_filter($this->products(), static fn (Product $p): bool => ProductKind::Dye === $p->kind()),
        );
    }

    public function name(string $code): string
    {
        $product = $this->products()[$code] ?? null;

        return $product?->name() ?? $code;
    }

    /**
     * @param array<string, int> $drops
     *
     * @return list<DropView> in the order of the shelf
     */
    public function drops(array $drops, float $dropMl): array
    {
        return $this->inOrder(array_intersect_key(array_replace(array_fill_keys(array_keys($this->products()), 0), $drops), $drops), $dropMl);
    }

    /**
     * @param array<string, int> $drops
     *
     * @return list<DropView> in the order in which they are given
     */
    public function inOrder(array $drops, float $dropMl): array
    {
        $views = [];
        foreach ($drops as $code => $count) {
            $product = $this->products()[$code] ?? null;
            if (null !== $product) {
                $views[] = new DropView(
                    $code,
                    $product->name(),
                    $product->hex(),
                    $count,
                    round($count * $dropMl, 2),
                    round($this->left($product), 1),
                    PortionView::of(Portion::of($count, $dropMl, $product->densityGPerMl())),
                );
            }
        }

        return $views;
    }
}

<?php

declare(strict_types=1);

namespace KindHeel\App\Colour;

use Doctrine\ORM\EntityManagerInterface;
use KindHeel\Core\Colour\Dye;
use KindHeel\Core\Colour\Light;
use KindHeel\Core\Colour\Mixture;
use KindHeel\Core\Colour\Paint;
use Symfony\Contracts\Service\ResetInterface;

/** The colours that are really there. */
final class Shelf implements ResetInterface
{
    /** @var array<string, Product>|null */
    private ?array $products = null;

    public function __construct(private readonly EntityManagerInterface $entities)
    {
    }

    /** Between requests. */
    public function reset(): void
    {
        $this->products = null;
    }

    /** @return array<string, Product> by code */
    public function products(): array
    {
        if (null === $this->products) {
            $this->products = [];
            foreach ($this->entities->getRepository(Product::class)->findBy([], ['id' => 'ASC']) as $product) {
                $this->products[$product->code()] = $product;
            }
        }

        return $this->products;
    }

    /** @return array<string, Paint> paints by code, and clear binder where there is some */
    public function paints(): array
    {
        return array_map(static fn (Product $p): Paint => $p->paint(), array_filter($this->products(), static fn (Product $p): bool => ProductKind::Dye !== $p->kind()));
    }

    /**
     * Paints of which there is enough to be worth mixing from.
     *
     * @return list<Paint>
     */
    public function coloursToMix(float $leastMl): array
    {
        return array_values(array_map(static fn (Product $p): Paint => $p->paint(), array_filter($this->products(), static fn (Product $p): bool => ProductKind::Paint === $p->kind() && $p->leftMl() >= $leastMl)));
    }

    /** @return array<string, Dye> */
    public function dyes(): array
    {
        return array_map(static fn (Product $p): Dye => $p->dye(), array_filter($this->products(), static fn (Product $p): bool => ProductKind::Dye === $p->kind()));
    }

    /** The palest paint stands for white. */
    public function white(): ?Paint
    {
        $white = null;
        $palest = 0.0;
        foreach ($this->coloursToMix(0.0) as $paint) {
            $lightness = Light::daylight()->lab(Mixture::of([$paint->id => $paint], [$paint->id => 1])->look())->lightness;
            if ($lightness > $palest) {
                [$white, $palest] = [$paint, $lightness];
            }
        }

        return $white;
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
        $views = [];
        foreach ($this->products() as $code => $product) {
            if (isset($drops[$code])) {
                $views[] = new DropView($code, $product->name(), $product->hex(), $drops[$code], round($drops[$code] * $dropMl, 2), round($product->leftMl(), 1));
            }
        }

        return $views;
    }
}

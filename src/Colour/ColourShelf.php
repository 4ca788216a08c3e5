<?php

declare(strict_types=1);

namespace KindHeel\App\Colour;

use Doctrine\DBAL\Connection;
use Doctrine\ORM\EntityManagerInterface;
use KindHeel\App\Database\Row;
use KindHeel\App\Shelf\Product;
use KindHeel\App\Shelf\ProductKind;
use KindHeel\App\Shelf\Stock;
use KindHeel\Core\Colour\Dye;
use KindHeel\Core\Colour\Paint;
use KindHeel\Core\Colour\Pot\Dab;
use KindHeel\Core\Colour\Pot\PaintEvidence;
use KindHeel\Core\Colour\Pot\Palette;
use KindHeel\Core\Colour\Pot\Portion;
use KindHeel\Core\Text\FieldError;
use Symfony\Contracts\Service\ResetInterface;

/** The colours that are really there. */
final class ColourShelf implements ResetInterface
{
    /** @var array<string, ShelfColour>|null */
    private ?array $colours = null;
    /** @var array<int, float>|null */
    private ?array $left = null;

    public function __construct(private readonly Connection $connection, private readonly EntityManagerInterface $entities, private readonly Stock $stock)
    {
    }

    /** What there is of one, in ml. */
    public function left(ShelfColour $colour): float
    {
        $this->left ??= $this->stock->left();

        return $this->left[$colour->id] ?? 0.0;
    }

    /** Between requests, and where something was taken, came, or has shown itself to be otherwise: it is looked at again. */
    public function reset(): void
    {
        $this->colours = $this->left = null;
    }

    /** @return array<string, ShelfColour> by code */
    public function colours(): array
    {
        if (null === $this->colours) {
            $this->colours = [];
            $kinds = implode(', ', array_map(static fn (ProductKind $k): string => "'$k->value'", ProductKind::colours()));
            foreach (Row::all($this->connection, 'SELECT '.ShelfColour::COLUMNS." FROM product WHERE kind IN ($kinds) ORDER BY id") as $row) {
                $colour = ShelfColour::of($row);
                $this->colours[$colour->code] = $colour;
            }
        }

        return $this->colours;
    }

    /** @throws FieldError for what no pot is mixed from */
    public function paint(string $code): Product
    {
        $product = $this->entities->getRepository(Product::class)->findOneBy(['code' => $code, 'kind' => [ProductKind::Paint, ProductKind::Binder]]);

        return $product ?? throw new FieldError('code', 'There is no such paint on the shelf.');
    }

    /** What there is to mix from. */
    public function palette(): Palette
    {
        $mixable = array_filter($this->colours(), static fn (ShelfColour $c): bool => ProductKind::Dye !== $c->kind);

        return new Palette(
            array_map(static fn (ShelfColour $c): Paint => $c->paintAsShown(), $mixable),
            array_map(static fn (ShelfColour $c): string => $c->name, $mixable),
            array_map($this->left(...), $mixable),
        );
    }

    /** What dabs have shown of the paints is kept with them: the next recipes promise by it. */
    public function learn(Dab ...$dabs): void
    {
        $mixable = array_filter($this->colours(), static fn (ShelfColour $c): bool => ProductKind::Dye !== $c->kind);
        $ratios = PaintEvidence::of(array_values($dabs), array_map(static fn (ShelfColour $c): Paint => $c->paint(), $mixable))->ratios();
        foreach ($this->entities->getRepository(Product::class)->findBy(['code' => array_map(strval(...), array_keys($mixable))]) as $product) {
            $product->hasShown($ratios[$product->code()] ?? null);
        }
        $this->entities->flush();
        $this->reset();
    }

    /** @return array<string, Dye> */
    public function dyes(): array
    {
        return array_map(
            static fn (ShelfColour $c): Dye => $c->dye(),
            array_filter($this->colours(), static fn (ShelfColour $c): bool => ProductKind::Dye === $c->kind),
        );
    }

    public function name(string $code): string
    {
        return ($this->colours()[$code] ?? null)->name ?? $code;
    }

    /**
     * @param array<string, int> $drops
     *
     * @return list<DropView> in the order of the shelf
     */
    public function drops(array $drops, float $dropMl): array
    {
        return $this->inOrder(array_intersect_key(array_replace(array_fill_keys(array_keys($this->colours()), 0), $drops), $drops), $dropMl);
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
            $colour = $this->colours()[$code] ?? null;
            if (null !== $colour) {
                $views[] = new DropView(
                    $code,
                    $colour->name,
                    $colour->hex,
                    $count,
                    round($count * $dropMl, 2),
                    round($this->left($colour), 1),
                    PortionView::of(Portion::of($count, $dropMl, $colour->densityGPerMl)),
                );
            }
        }

        return $views;
    }
}

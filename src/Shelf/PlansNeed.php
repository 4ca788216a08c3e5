<?php

declare(strict_types=1);

namespace KindHeel\App\Shelf;

use KindHeel\App\Job\Steps;
use KindHeel\Core\Colour\Shade;
use KindHeel\Core\Product\Effect;
use KindHeel\Core\Product\Family;
use KindHeel\Core\Product\FamilyId;
use KindHeel\Core\Stock\Candidate;
use KindHeel\Core\Text\Phrase;
use KindHeel\Core\Treatment\Planning\ProductNeed;
use Psr\Clock\ClockInterface;

/** What the plans have spoken for, and whether it is there. */
final readonly class PlansNeed
{
    public function __construct(private Steps $steps, private Stock $stock, private ClockInterface $clock)
    {
    }

    /**
     * What plans have spoken for of each product; what is mixed from many counts for none of them.
     *
     * @param list<OnShelf> $products
     *
     * @return array<int, float> by product, in its unit
     */
    public function reserved(array $products): array
    {
        $reserved = $of = [];
        foreach ($products as $product) {
            $of[$product->family->value ?? ''][] = $product;
        }
        foreach ($this->steps->stillToLay() as $lines) {
            foreach (ProductNeed::all($lines) as $need) {
                $product = self::product($of[$need->family->value] ?? [], $need->family, $need->shade);
                if (null !== $product) {
                    $reserved[$product->id] = ($reserved[$product->id] ?? 0.0) + self::fromPack($need, $product);
                }
            }
        }

        return $reserved;
    }

    /**
     * What a plan would run out of, beside what other plans have spoken for, and what of it has been open for too long. A workshop that keeps no shelf is not
     * told that nothing is on it.
     *
     * @return list<ShortView>
     */
    public function short(int ...$pieces): array
    {
        $lines = $this->steps->stillToLay();
        $mine = array_merge([], ...array_map(static fn (int $p): array => ProductNeed::all($lines[$p] ?? []), array_values($pieces)));
        if ([] === $mine) {
            return [];
        }
        $families = [];
        foreach ($mine as $need) {
            $families[$need->family->value] = $need->family;
        }
        $products = $this->stock->all(...array_values($families));
        if (!$this->stock->isKept($products)) {
            return [];
        }
        $others = array_diff_key($lines, array_flip($pieces));
        $wanted = $spoken = [];
        foreach ($mine as $need) {
            $key = self::key($products, $need);
            $wanted[$key] = [$need, ($wanted[$key][1] ?? 0.0) + self::fromPack($need, self::product($products, $need->family, $need->shade))];
        }
        foreach ($others as $ofPiece) {
            foreach (ProductNeed::all($ofPiece) as $need) {
                if (!isset($families[$need->family->value])) {
                    continue;
                }
                $key = self::key($products, $need);
                $spoken[$key] = ($spoken[$key] ?? 0.0) + self::fromPack($need, self::product($products, $need->family, $need->shade));
            }
        }
        $said = [];
        foreach ($wanted as $key => [$need, $amount]) {
            $said[] = $this->say($products, $need, $amount, $spoken[$key] ?? 0.0);
        }

        return array_values(array_filter($said));
    }

    /**
     * What is to be known of the shelf before a step lays its product; null where all is well.
     *
     * @param list<OnShelf> $products of its family
     */
    public function beforeStep(array $products, FamilyId $family, ?Shade $shade, float $laid): ?string
    {
        if ($family->does(Effect::IsMixed)) {
            return null;
        }
        $product = self::product($products, $family, $shade);
        if (null === $product) {
            return null;
        }
        $amount = ProductNeed::fromPack($family, $laid, $product->dilution());

        return match (true) {
            $product->left < $amount => \sprintf('Only %s of “%s” is left.', $product->unit->told($product->left), $product->name),
            $product->isOld($this->clock->now()) => $this->old($product),
            default => null,
        };
    }

    /** @param list<OnShelf> $products */
    private function say(array $products, ProductNeed $need, float $amount, float $spoken): ?ShortView
    {
        $unit = Family::of($need->family)->unit;
        $product = self::product($products, $need->family, $need->shade);
        $mixed = $need->family->does(Effect::IsMixed);
        $name = $mixed || null === $product ? trim((!$mixed ? $need->shade?->label() ?? '' : '').' '.$need->family->label()) : $product->name;
        $there = $mixed
            ? array_sum(array_map(static fn (OnShelf $p): float => $p->family === $need->family ? $p->left : 0.0, $products))
            : $product->left ?? 0.0;
        if ($amount > $there - $spoken) {
            return new ShortView($product->id ?? null, $name, match (true) {
                null === $product && !$mixed => \sprintf('No %s is on the shelf; %s is needed.', $name, $unit->told($amount)),
                $spoken > 0.0 && $amount <= $there => Phrase::sentence(
                    '%s: %s is needed, %s is there, and other plans have spoken for %s of it.',
                    $name,
                    $unit->told($amount),
                    $unit->told($there),
                    $unit->told($spoken),
                ),
                default => Phrase::sentence('%s: %s is needed, %s is there.', $name, $unit->told($amount), $unit->told($there)),
            }, true);
        }

        return null === $product || $mixed || !$product->isOld($this->clock->now()) ? null : new ShortView($product->id, $name, $this->old($product), false);
    }

    private function old(OnShelf $product): string
    {
        $since = $product->opened?->diff($this->clock->now());
        $months = null === $since ? 0 : 12 * $since->y + $since->m;

        return \sprintf(
            '“%s” was opened %d months ago; opened it keeps %d. Smell it and try it before it goes on.',
            $product->name,
            $months,
            $product->life->months,
        );
    }

    /** @param list<OnShelf> $products */
    private static function key(array $products, ProductNeed $need): string
    {
        $product = self::product($products, $need->family, $need->shade);

        return $need->family->does(Effect::IsMixed) || null === $product
            ? $need->family->value.($need->family->does(Effect::IsMixed) ? '' : '/'.($need->shade->value ?? ''))
            : '#'.$product->id;
    }

    /** @param list<OnShelf> $products */
    public static function product(array $products, FamilyId $family, ?Shade $shade): ?OnShelf
    {
        if ($family->does(Effect::IsMixed)) {
            return null;
        }
        $of = [];
        foreach ($products as $product) {
            if ($product->family === $family) {
                $of[$product->id] = $product;
            }
        }
        $best = Candidate::best(array_map(static fn (OnShelf $p): Candidate => $p->candidate(), array_values($of)), $shade);

        return null === $best ? null : $of[$best->product];
    }

    private static function fromPack(ProductNeed $need, ?OnShelf $product): float
    {
        return ProductNeed::fromPack($need->family, $need->amount(), $product?->dilution());
    }
}

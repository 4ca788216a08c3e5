<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Planning;

use KindHeel\Core\Colour\Shade;
use KindHeel\Core\Product\Effect;
use KindHeel\Core\Product\Family;
use KindHeel\Core\Product\FamilyId;
use KindHeel\Core\Quantity\Dilution;
use KindHeel\Core\Quantity\Need;
use KindHeel\Core\Quantity\RoundUp;

/** How much of a family of product the steps of a plan take together, as it is laid. */
final readonly class ProductNeed
{
    public function __construct(public FamilyId $family, public ?Shade $shade, public Need $need)
    {
    }

    /**
     * What the steps take of it, with what stays in cup and hairs (Q-2) and, of what is mixed, a fifth kept back (Q-4).
     *
     * @param list<KitLine> $lines
     *
     * @return list<self>
     */
    public static function all(array $lines): array
    {
        $sums = $loss = $what = [];
        foreach ($lines as $line) {
            if (null === $line->family || null === $line->amount) {
                continue;
            }
            $key = $line->family->value.'/'.($line->shade->value ?? '');
            $what[$key] = [$line->family, $line->shade];
            $sums[$key] = ($sums[$key] ?? 0.0) + $line->amount;
            if (Family::of($line->family)->drying->film || $line->family->does(Effect::Dyes)) {
                $loss[$key] = max($loss[$key] ?? 0.0, $line->applicator->potLossMl());
            }
        }
        $needs = [];
        foreach ($sums as $key => $sum) {
            [$family, $shade] = $what[$key];
            $needs[] = new self($family, $shade, Need::poured($sum, $loss[$key] ?? 0.0, $family->does(Effect::IsMixed) ? Need::KEPT_BACK : 0.0));
        }

        return $needs;
    }

    /** Rounded up to a tenth of its unit. */
    public function amount(): float
    {
        return RoundUp::tenth($this->need->amount());
    }

    /**
     * What of an amount as it is laid comes from the pack: the rest is water.
     *
     * @param Dilution|null $own of the product, where it has one of its own
     */
    public static function fromPack(FamilyId $family, float $laid, ?Dilution $own = null): float
    {
        $dilution = $own ?? Family::of($family)->dilution;

        return null === $dilution ? $laid : $dilution->total($laid)->product;
    }
}

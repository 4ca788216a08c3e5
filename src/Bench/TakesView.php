<?php

declare(strict_types=1);

namespace KindHeel\App\Bench;

use KindHeel\Core\Product\Unit;

/** What a step takes from the shelf when it is done, unless hands say otherwise. */
final readonly class TakesView
{
    public function __construct(public int $product, public string $name, public float $amount, public Unit $unit)
    {
    }
}

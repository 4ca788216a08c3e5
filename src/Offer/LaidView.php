<?php

declare(strict_types=1);

namespace KindHeel\App\Offer;

/** How often a product was laid or poured, and how much of it went. */
final readonly class LaidView
{
    public function __construct(public string $product, public int $times, public float $amount, public string $unit)
    {
    }
}

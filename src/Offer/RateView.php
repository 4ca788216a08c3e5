<?php

declare(strict_types=1);

namespace KindHeel\App\Offer;

/** A rate an hour that is another than the usual one; empty where it is not. */
final readonly class RateView
{
    public function __construct(public string $id, public string $name, public string $rate)
    {
    }
}

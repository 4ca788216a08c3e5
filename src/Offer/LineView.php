<?php

declare(strict_types=1);

namespace KindHeel\App\Offer;

/** A line that an owner understands, in hundredths. */
final readonly class LineView
{
    public function __construct(public string $what, public int $cents)
    {
    }
}

<?php

declare(strict_types=1);

namespace KindHeel\App\Piece;

/** How likely a material is, between 0 and 1. */
final readonly class OddsView
{
    public function __construct(public string $material, public float $odds)
    {
    }
}

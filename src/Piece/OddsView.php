<?php

declare(strict_types=1);

namespace KindHeel\App\Piece;

use KindHeel\Core\Material\Material;

/** How likely a material is, between 0 and 1. */
final readonly class OddsView
{
    public function __construct(public Material $material, public float $odds)
    {
    }
}

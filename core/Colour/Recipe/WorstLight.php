<?php

declare(strict_types=1);

namespace KindHeel\Core\Colour\Recipe;

use KindHeel\Core\Colour\Illuminant;

/** Where a match is worst (metamerism). */
final readonly class WorstLight
{
    public function __construct(public Illuminant $illuminant, public float $dE00)
    {
    }
}

<?php

declare(strict_types=1);

namespace KindHeel\App\Colour;

final readonly class DyeWashView
{
    public function __construct(public string $dye, public int $thinner, public int $coats)
    {
    }
}

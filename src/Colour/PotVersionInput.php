<?php

declare(strict_types=1);

namespace KindHeel\App\Colour;

final readonly class PotVersionInput
{
    public function __construct(public int $version)
    {
    }
}

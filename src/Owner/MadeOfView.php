<?php

declare(strict_types=1);

namespace KindHeel\App\Owner;

/** What a part is made of, and how that is known. */
final readonly class MadeOfView
{
    public function __construct(public string $parts, public string $material, public string $certainty, public ?string $shownBy, public ?float $measuredDm2)
    {
    }
}

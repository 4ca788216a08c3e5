<?php

declare(strict_types=1);

namespace KindHeel\App\Counter;

/** The colour of a part, for a drawing. */
final readonly class PartColourView
{
    public function __construct(public string $half, public string $part, public string $hex)
    {
    }
}

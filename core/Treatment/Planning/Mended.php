<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Planning;

/** A plan made sound again at one place, and what was done for it in a sentence. */
final readonly class Mended
{
    public function __construct(public Rework $rework, public string $sentence)
    {
    }
}

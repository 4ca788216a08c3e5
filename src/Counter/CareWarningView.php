<?php

declare(strict_types=1);

namespace KindHeel\App\Counter;

/** What goes along with a piece that went home before it was cured. */
final readonly class CareWarningView
{
    public function __construct(public int $piece, public string $name, public string $until)
    {
    }
}

<?php

declare(strict_types=1);

namespace KindHeel\App\Offer;

/** Mean minutes until a test was passed, as foreseen and as it was. */
final readonly class WaitsView
{
    public function __construct(public string $air, public int $waits, public int $foreseenMinutes, public int $realMinutes)
    {
    }
}

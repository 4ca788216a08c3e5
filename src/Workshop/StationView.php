<?php

declare(strict_types=1);

namespace KindHeel\App\Workshop;

/** How many pieces a station takes at once. */
final readonly class StationView
{
    public function __construct(public string $station, public int $places)
    {
    }
}

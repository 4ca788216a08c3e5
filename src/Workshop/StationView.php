<?php

declare(strict_types=1);

namespace KindHeel\App\Workshop;

/** How many pieces a station takes at once, or how many there are of a gear. */
final readonly class StationView
{
    public function __construct(public string $station, public string $label, public int $places)
    {
    }
}

<?php

declare(strict_types=1);

namespace KindHeel\Core\Schedule;

/** A step of another piece that is planned already and stays where it is. */
final readonly class Busy
{
    /**
     * @param int         $person  0 for nobody
     * @param int         $from    in seconds since 1970
     * @param int         $until   likewise
     * @param string|null $station where it takes a place
     * @param string|null $brush   of a colour family
     */
    public function __construct(public int $piece, public int $person, public int $from, public int $until, public ?string $station, public ?string $brush)
    {
    }
}

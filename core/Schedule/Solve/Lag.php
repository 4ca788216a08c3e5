<?php

declare(strict_types=1);

namespace KindHeel\Core\Schedule\Solve;

/** From the end of another step to the start of this one: at least so many minutes and, where it is bounded, at most so many. */
final readonly class Lag
{
    /** @param int $step index of the other step */
    public function __construct(public int $step, public int $min, public ?int $max)
    {
    }
}

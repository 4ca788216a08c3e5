<?php

declare(strict_types=1);

namespace KindHeel\App\Job;

/** Something that the bench shows has changed. Dispatched within the transaction that changes it. */
final readonly class BenchChanged
{
    /** @param bool $times when what is to be done has changed, and so the rest has to be placed anew */
    private function __construct(public bool $times)
    {
    }

    public static function inTime(): self
    {
        return new self(true);
    }

    public static function inLooks(): self
    {
        return new self(false);
    }
}

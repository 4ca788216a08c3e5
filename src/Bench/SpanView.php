<?php

declare(strict_types=1);

namespace KindHeel\App\Bench;

/** A stretch of the day. */
final readonly class SpanView
{
    public function __construct(public string $start, public string $end)
    {
    }
}

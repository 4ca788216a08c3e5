<?php

declare(strict_types=1);

namespace KindHeel\App\Owner;

/** Two that are one person. */
final readonly class JoinInput
{
    public function __construct(public int $version, public int $other)
    {
    }
}

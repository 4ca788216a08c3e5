<?php

declare(strict_types=1);

namespace KindHeel\App\Bench;

/** Who goes on with a step that is under way. */
final readonly class TakeOverInput
{
    public function __construct(public int $version, public int $person)
    {
    }
}

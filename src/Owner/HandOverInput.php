<?php

declare(strict_types=1);

namespace KindHeel\App\Owner;

/** A piece goes to another owner; nobody known needs a name. */
final readonly class HandOverInput
{
    public function __construct(public int $version, public int $to)
    {
    }
}

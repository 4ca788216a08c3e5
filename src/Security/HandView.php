<?php

declare(strict_types=1);

namespace KindHeel\App\Security;

/** Somebody who may take this tablet over by their short number. */
final readonly class HandView
{
    public function __construct(public int $id, public string $name)
    {
    }
}

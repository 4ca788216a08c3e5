<?php

declare(strict_types=1);

namespace KindHeel\App\Search;

final readonly class FoundPersonView
{
    public function __construct(public int $id, public string $name)
    {
    }
}

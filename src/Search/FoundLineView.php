<?php

declare(strict_types=1);

namespace KindHeel\App\Search;

final readonly class FoundLineView
{
    public function __construct(public string $at, public string $person, public string $text)
    {
    }
}

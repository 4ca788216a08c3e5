<?php

declare(strict_types=1);

namespace KindHeel\App\Words;

final readonly class PartWordView
{
    /** @param list<string> $materials that it is usually made of, the likeliest first */
    public function __construct(public string $id, public string $label, public array $materials, public bool $outer, public bool $detachable, public bool $plural)
    {
    }
}

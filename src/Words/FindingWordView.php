<?php

declare(strict_types=1);

namespace KindHeel\App\Words;

final readonly class FindingWordView
{
    /**
     * @param list<string> $usualOn materials on which it is looked for first
     * @param list<string> $parts   parts that it can be on at all
     */
    public function __construct(public string $id, public string $label, public string $group, public bool $hasSize, public bool $hasDepth, public array $usualOn, public array $parts)
    {
    }
}

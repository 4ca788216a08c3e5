<?php

declare(strict_types=1);

namespace KindHeel\App\Owner;

/** Some minutes on one day, and what is done in them. */
final readonly class SittingView
{
    /** @param list<string> $pieces by name, each once */
    public function __construct(public string $from, public string $until, public float $minutes, public array $pieces)
    {
    }
}

<?php

declare(strict_types=1);

namespace KindHeel\App\Bench;

/** A piece changes hands. */
final readonly class GoesToView
{
    public function __construct(public string $name, public string $at)
    {
    }
}

<?php

declare(strict_types=1);

namespace KindHeel\App\Colour;

/** A coat that the plan lays from a pot. */
final readonly class PotCoatView
{
    public function __construct(public int $step, public string $title, public bool $done, public float $ml)
    {
    }
}

<?php

declare(strict_types=1);

namespace KindHeel\Core\Colour;

/** One or two dyes on a leather, and how near they come. */
final readonly class DyeMatch
{
    /** @param non-empty-list<DyeWash> $washes */
    public function __construct(public array $washes, public Spectrum $look, public float $dE00)
    {
    }
}

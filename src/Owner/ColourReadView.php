<?php

declare(strict_types=1);

namespace KindHeel\App\Owner;

/** A colour that was read of a piece. */
final readonly class ColourReadView
{
    public function __construct(public string $where, public string $hex, public float $l, public float $a, public float $b, public string $at)
    {
    }
}

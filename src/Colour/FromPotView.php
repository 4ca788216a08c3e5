<?php

declare(strict_types=1);

namespace KindHeel\App\Colour;

/** The mixed pot that a coat is laid from. */
final readonly class FromPotView
{
    /** @param bool $enough there is so much left in it */
    public function __construct(public int $pot, public string $name, public float $takesMl, public float $leftMl, public bool $enough)
    {
    }
}

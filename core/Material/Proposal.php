<?php

declare(strict_types=1);

namespace KindHeel\Core\Material;

/** The trial to do next: what it is expected to settle (bits), and what it may cost the piece (0–1). */
final readonly class Proposal
{
    public function __construct(public Trial $trial, public float $gainBits, public float $harm)
    {
    }
}

<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Wish;

use KindHeel\Core\Product\Applicator;

/** How many coats of a real pot cover a real ground, and how many of a base below them save some (O-16). */
final readonly class Cover
{
    private const MOST = 12;

    /** @param bool $white the base is a white rather than a near tone */
    public function __construct(public string $pot, public int $coats, public int $baseCoats, public bool $white, public Applicator $applicator)
    {
    }

    /** The same film by another tool. */
    public function by(Applicator $applicator): self
    {
        $ratio = $this->applicator->dryMicrons() / $applicator->dryMicrons();
        $coats = static fn (int $n): int => min(self::MOST, (int) ceil(round($n * $ratio, 6)));

        return new self($this->pot, max(1, $coats($this->coats)), $coats($this->baseCoats), $this->white, $applicator);
    }
}

<?php

declare(strict_types=1);

namespace KindHeel\Core\Stock;

/** A pack as it stands on the shelf: opened or not yet, with what is in it. */
final readonly class LotOnHand
{
    /** @param float $left in the unit of its product; below 0 where more was taken than was thought to be there */
    public function __construct(public int $id, public float $left, public \DateTimeImmutable $bought, public ?\DateTimeImmutable $opened = null)
    {
    }
}

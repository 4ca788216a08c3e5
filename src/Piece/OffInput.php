<?php

declare(strict_types=1);

namespace KindHeel\App\Piece;

use KindHeel\Core\Anatomy\Half;
use KindHeel\Core\Anatomy\PartName;

/** A part that comes off was taken off, or put back. */
final readonly class OffInput
{
    public function __construct(public int $version, public PartName $part, public Half $half, public bool $off)
    {
    }
}

<?php

declare(strict_types=1);

namespace KindHeel\App\Counter;

use KindHeel\Core\Anatomy\Half;
use KindHeel\Core\Anatomy\PartName;

/** A part that lies apart in the tray of its piece. */
final readonly class OffView
{
    public function __construct(public PartName $part, public Half $half, public string $label)
    {
    }
}

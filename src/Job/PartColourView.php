<?php

declare(strict_types=1);

namespace KindHeel\App\Job;

use KindHeel\Core\Anatomy\Half;
use KindHeel\Core\Anatomy\PartName;

/** The colour of a part, for a drawing. */
final readonly class PartColourView
{
    public function __construct(public Half $half, public PartName $part, public string $hex)
    {
    }
}

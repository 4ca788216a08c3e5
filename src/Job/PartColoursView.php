<?php

declare(strict_types=1);

namespace KindHeel\App\Job;

use KindHeel\Core\Anatomy\Half;
use KindHeel\Core\Anatomy\PartName;

/** What of a half is of one colour, for a drawing. */
final readonly class PartColoursView
{
    /** @param list<PartName> $parts */
    public function __construct(public Half $half, public string $hex, public array $parts)
    {
    }
}

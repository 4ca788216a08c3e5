<?php

declare(strict_types=1);

namespace KindHeel\App\Plan;

use KindHeel\Core\Anatomy\PartName;

/** Something that was considered and refused, on which parts of either half. */
final readonly class RefusedView
{
    /** @param list<PartName> $parts */
    public function __construct(public string $rule, public string $text, public array $parts)
    {
    }
}

<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment;

use KindHeel\Core\Drying\After;

/** What a rule asks for: a step that comes first, or a bond to one that is there already. */
final readonly class Remedy
{
    private function __construct(public ?Step $first, public ?After $bond)
    {
    }

    public static function first(Step $step): self
    {
        return new self($step, null);
    }

    public static function bind(After $bond): self
    {
        return new self(null, $bond);
    }
}

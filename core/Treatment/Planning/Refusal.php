<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Planning;

use KindHeel\Core\Anatomy\Place;

/** Something that was considered for a part and is not done, with the rule that forbids it. */
final readonly class Refusal
{
    /** @param string $what id of a family or an action */
    public function __construct(public Place $at, public string $what, public string $rule, public string $text)
    {
    }
}

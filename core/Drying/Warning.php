<?php

declare(strict_types=1);

namespace KindHeel\Core\Drying;

/** Something to heed, with the number of the rule that says so. */
final readonly class Warning
{
    public function __construct(public string $rule, public string $message)
    {
    }
}

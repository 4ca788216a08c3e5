<?php

declare(strict_types=1);

namespace KindHeel\Core\Product;

/** A sentence with the rule it stands on. */
final readonly class Remark
{
    public function __construct(public string $rule, public string $text)
    {
    }
}

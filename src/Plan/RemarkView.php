<?php

declare(strict_types=1);

namespace KindHeel\App\Plan;

final readonly class RemarkView
{
    public function __construct(public string $rule, public string $text)
    {
    }
}

<?php

declare(strict_types=1);

namespace KindHeel\App\OwnerPage;

final readonly class DeclinedView
{
    public function __construct(public string $rule, public string $text, public string $to)
    {
    }
}

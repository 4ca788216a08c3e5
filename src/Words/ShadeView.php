<?php

declare(strict_types=1);

namespace KindHeel\App\Words;

final readonly class ShadeView
{
    public function __construct(public string $id, public string $label, public string $hex)
    {
    }
}

<?php

declare(strict_types=1);

namespace KindHeel\App\Words;

use KindHeel\Core\Colour\Shade;

final readonly class ShadeView
{
    public function __construct(public Shade $id, public string $label, public string $hex)
    {
    }
}

<?php

declare(strict_types=1);

namespace KindHeel\App\Colour;

use KindHeel\Core\Anatomy\Half;
use KindHeel\Core\Anatomy\PartName;

final readonly class PotPartView
{
    public function __construct(public Half $half, public PartName $part)
    {
    }
}

<?php

declare(strict_types=1);

namespace KindHeel\App\Job;

use KindHeel\Core\Anatomy\Half;
use KindHeel\Core\Anatomy\PartName;
use KindHeel\Core\Anatomy\Place;

final readonly class PlaceInput
{
    public function __construct(public PartName $part, public Half $half)
    {
    }

    public function place(): Place
    {
        return new Place($this->part, $this->half);
    }
}

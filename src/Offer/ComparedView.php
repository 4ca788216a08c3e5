<?php

declare(strict_types=1);

namespace KindHeel\App\Offer;

final readonly class ComparedView
{
    public function __construct(public string $name, public int $steps, public int $foreseenMinutes, public int $realMinutes)
    {
    }
}

<?php

declare(strict_types=1);

namespace KindHeel\App\Colour;

final readonly class RangeTakenView
{
    public function __construct(
        public int $added,
        public int $known,
    ) {
    }
}

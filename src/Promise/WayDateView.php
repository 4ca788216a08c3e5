<?php

declare(strict_types=1);

namespace KindHeel\App\Promise;

use KindHeel\Core\Assessment\Aim;

/** When a piece could be fetched, were it treated so far. */
final readonly class WayDateView
{
    public function __construct(
        public Aim $aim,
        /** the earliest that holds in nine weeks of ten; null where hours are missing, or nothing can be said */
        public ?string $certain,
    ) {
    }
}

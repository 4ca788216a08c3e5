<?php

declare(strict_types=1);

namespace KindHeel\App\Colour;

final readonly class FollowInput
{
    /**
     * @param array<string, int> $drops by product
     */
    public function __construct(
        public int $version,
        public array $drops,
    ) {
    }
}

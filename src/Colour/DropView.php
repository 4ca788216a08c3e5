<?php

declare(strict_types=1);

namespace KindHeel\App\Colour;

final readonly class DropView
{
    /**
     * @param float $leftMl of it on the shelf
     */
    public function __construct(
        public string $code,
        public string $name,
        public string $hex,
        public int $drops,
        public float $ml,
        public float $leftMl,
        public PortionView $portion,
    ) {
    }
}

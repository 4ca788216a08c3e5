<?php

declare(strict_types=1);

namespace KindHeel\App\Colour;

final readonly class SwatchView
{
    public function __construct(
        public int $id,
        public string $code,
        public string $name,
        public SeenView $seen,
    ) {
    }
}

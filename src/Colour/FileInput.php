<?php

declare(strict_types=1);

namespace KindHeel\App\Colour;

final readonly class FileInput
{
    public function __construct(
        public string $text,
    ) {
    }
}

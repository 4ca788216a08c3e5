<?php

declare(strict_types=1);

namespace KindHeel\App\Picture;

final readonly class PictureView
{
    public function __construct(
        public int $id,
        /** before, during or after */
        public string $moment,
        public ?string $half,
        public ?string $part,
        public ?string $side,
        public int $width,
        public int $height,
        public string $thumb,
        public string $full,
        public string $at,
    ) {
    }
}

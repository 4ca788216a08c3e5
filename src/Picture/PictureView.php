<?php

declare(strict_types=1);

namespace KindHeel\App\Picture;

use KindHeel\Core\Anatomy\Half;
use KindHeel\Core\Anatomy\PartName;

final readonly class PictureView
{
    public function __construct(
        public int $id,
        /** before, during or after */
        public Moment $moment,
        public ?Half $half,
        public ?PartName $part,
        public ?Side $side,
        public int $width,
        public int $height,
        public string $thumb,
        public string $full,
        public string $at,
    ) {
    }
}

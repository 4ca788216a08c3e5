<?php

declare(strict_types=1);

namespace KindHeel\App\Picture;

use KindHeel\Core\Anatomy\Half;

final readonly class MissingPictureView
{
    public function __construct(public Half $half, public Side $side, public string $label)
    {
    }
}

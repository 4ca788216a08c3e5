<?php

declare(strict_types=1);

namespace KindHeel\App\Picture;

final readonly class MissingPictureView
{
    public function __construct(public string $half, public string $side, public string $label)
    {
    }
}

<?php

declare(strict_types=1);

namespace KindHeel\App\Picture;

use KindHeel\Core\Anatomy\Half;
use KindHeel\Core\Anatomy\PartName;

/** Where a picture belongs; the file comes beside it. */
final readonly class PictureInput
{
    public function __construct(public Moment $moment, public ?Half $half = null, public ?PartName $part = null, public ?Side $side = null)
    {
    }
}

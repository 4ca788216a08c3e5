<?php

declare(strict_types=1);

namespace KindHeel\App\Offer;

use KindHeel\Core\Assessment\Aim;

/** The way that the owner takes; none: it is left as it is. */
final readonly class ChooseInput
{
    public function __construct(public int $version, public ?Aim $aim = null)
    {
    }
}

<?php

declare(strict_types=1);

namespace KindHeel\App\Owner;

use KindHeel\App\Job\ReachedBy;

/** A way to reach somebody. */
final readonly class ReachView
{
    public function __construct(public ReachedBy $by, public string $at)
    {
    }
}

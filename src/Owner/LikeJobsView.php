<?php

declare(strict_types=1);

namespace KindHeel\App\Owner;

final readonly class LikeJobsView
{
    /** @param list<LikeJobView> $jobs the likest first */
    public function __construct(public array $jobs)
    {
    }
}

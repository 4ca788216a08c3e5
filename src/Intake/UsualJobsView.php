<?php

declare(strict_types=1);

namespace KindHeel\App\Intake;

final readonly class UsualJobsView
{
    /** @param list<UsualJobView> $jobs */
    public function __construct(public array $jobs)
    {
    }
}

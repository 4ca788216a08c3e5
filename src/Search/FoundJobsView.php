<?php

declare(strict_types=1);

namespace KindHeel\App\Search;

/** Jobs that were found, the newest first. */
final readonly class FoundJobsView
{
    /**
     * @param list<FoundJobView>    $jobs
     * @param list<FoundPersonView> $people who ever worked here
     */
    public function __construct(public array $jobs, public int $page, public bool $more, public array $people)
    {
    }
}

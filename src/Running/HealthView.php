<?php

declare(strict_types=1);

namespace KindHeel\App\Running;

final readonly class HealthView
{
    /**
     * @param string            $status    ok; degraded: work goes on, but something that works by itself stands still; down: nothing can be kept
     * @param string            $database  ok, cannot write, cannot be reached
     * @param list<ProcessView> $processes
     */
    public function __construct(public string $status, public string $database, public array $processes)
    {
    }
}

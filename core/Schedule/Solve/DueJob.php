<?php

declare(strict_types=1);

namespace KindHeel\Core\Schedule\Solve;

/** A job: when it is due, in minutes from now, and how much a late minute weighs. */
final readonly class DueJob
{
    /** @param non-empty-list<int> $steps indices */
    public function __construct(public string $id, public int $due, public float $weight, public array $steps)
    {
    }
}

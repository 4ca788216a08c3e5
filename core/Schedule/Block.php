<?php

declare(strict_types=1);

namespace KindHeel\Core\Schedule;

/** A stretch of time that needs hands. */
final readonly class Block
{
    public function __construct(public Task $task, public \DateTimeImmutable $start, public \DateTimeImmutable $end)
    {
    }
}

<?php

declare(strict_types=1);

namespace KindHeel\Core\Schedule;

/** A step that calls for hands now. */
final readonly class Call
{
    public function __construct(public Task $task, public Urgency $urgency, public \DateTimeImmutable $due, public ?\DateTimeImmutable $closesAt)
    {
    }
}

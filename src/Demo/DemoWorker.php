<?php

declare(strict_types=1);

namespace KindHeel\App\Demo;

/** Somebody at the bench of the demo: what they are at, and until when. */
final class DemoWorker
{
    public ?int $step = null;

    public function __construct(public readonly int $person, public \DateTimeImmutable $clock)
    {
    }
}

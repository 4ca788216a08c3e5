<?php

declare(strict_types=1);

namespace KindHeel\App\Demo;

/** Somebody at the bench of the demo: what they are at, and until when. */
final class DemoWorker
{
    public ?int $step = null;
    /** the piece that lies before them */
    public ?int $piece = null;
    /** @var array<int, true> steps that could not be begun just now */
    public array $refused = [];

    public function __construct(public readonly int $person, public \DateTimeImmutable $clock)
    {
    }
}

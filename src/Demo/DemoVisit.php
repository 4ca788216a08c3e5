<?php

declare(strict_types=1);

namespace KindHeel\App\Demo;

use KindHeel\App\Job\ReachedBy;
use KindHeel\Core\Care\Cause;
use KindHeel\Core\Care\Fault;
use KindHeel\Core\Colour\Shade;

/** A made-up visit of years ago: as a job of the last fortnight was done, for somebody’s piece. */
final readonly class DemoVisit
{
    /** @param string $like the piece of the fortnight that was done alike */
    public function __construct(
        public string $owner,
        public ReachedBy $by,
        public string $reached,
        public bool $reminded,
        public string $piece,
        public string $like,
        public ?Shade $shade,
        public int $daysAgo,
        public ?Fault $fault = null,
        public ?Cause $cause = null,
    ) {
    }

    /** The same, as what mends the visit before. */
    public function back(Fault $fault, Cause $cause): self
    {
        return $this->with($this->like, $fault, $cause);
    }

    /** The same, done like another piece of the fortnight. */
    public function like(string $like): self
    {
        return $this->with($like, $this->fault, $this->cause);
    }

    private function with(string $like, ?Fault $fault, ?Cause $cause): self
    {
        return new self($this->owner, $this->by, $this->reached, $this->reminded, $this->piece, $like, $this->shade, $this->daysAgo, $fault, $cause);
    }
}

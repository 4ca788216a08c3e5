<?php

declare(strict_types=1);

namespace KindHeel\App\Job;

/** What hands have made of a stored step. */
final readonly class WorkRecord
{
    /** @param float $workedMinutes that went into it before it was interrupted or taken over */
    public function __construct(
        public StepStatus $status,
        public ?\DateTimeImmutable $startedAt,
        public ?int $startedBy,
        public ?string $startedByName,
        public ?\DateTimeImmutable $endedAt,
        public float $workedMinutes,
        /** it went wrong, and another is done in its place */
        public bool $spoiled = false,
    ) {
    }

    /** Whole minutes that went into it, at least one; null while it is not done. */
    public function tookMinutes(): ?int
    {
        return null === $this->startedAt || null === $this->endedAt
            ? null
            : max(1, (int) round($this->workedMinutes + ($this->endedAt->getTimestamp() - $this->startedAt->getTimestamp()) / 60.0));
    }
}

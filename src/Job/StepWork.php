<?php

declare(strict_types=1);

namespace KindHeel\App\Job;

use Doctrine\ORM\Mapping as ORM;

/** What hands have made of a step: whether it is open, under way or done, and the time that went into it. */
#[ORM\Embeddable]
class StepWork
{
    #[ORM\Column(length: 10)]
    private StepStatus $status = StepStatus::Open;
    #[ORM\Column(type: 'datetime_immutable', nullable: true)]
    private ?\DateTimeImmutable $startedAt = null;
    #[ORM\Column(type: 'datetime_immutable', nullable: true)]
    private ?\DateTimeImmutable $endedAt = null;
    /** What went into it before it was interrupted or taken over. */
    #[ORM\Column]
    private int $workedSeconds = 0;
    /** It went wrong, and another is done in its place. */
    #[ORM\Column]
    private bool $spoiled = false;

    public function status(): StepStatus
    {
        return $this->status;
    }

    public function startedAt(): ?\DateTimeImmutable
    {
        return $this->startedAt;
    }

    public function endedAt(): ?\DateTimeImmutable
    {
        return $this->endedAt;
    }

    public function start(\DateTimeImmutable $at): void
    {
        $this->mustBe(StepStatus::Open);
        $this->status = StepStatus::Running;
        $this->startedAt = $at;
    }

    public function end(\DateTimeImmutable $at): void
    {
        $this->mustBe(StepStatus::Running);
        $this->status = StepStatus::Done;
        $this->endedAt = $at;
    }

    /** @return array{status: string, startedAt: string|null, endedAt: string|null, workedSeconds: int, spoiled: bool} */
    public function toColumn(): array
    {
        return [
            'status' => $this->status->value,
            'startedAt' => $this->startedAt?->format(\DATE_RFC3339),
            'endedAt' => $this->endedAt?->format(\DATE_RFC3339),
            'workedSeconds' => $this->workedSeconds,
            'spoiled' => $this->spoiled,
        ];
    }

    /** @param array<array-key, mixed> $kept */
    public static function fromColumn(array $kept): self
    {
        $work = new self();
        $work->status = \is_string($kept['status'] ?? null) ? StepStatus::from($kept['status']) : StepStatus::Open;
        $work->startedAt = Moments::at($kept['startedAt'] ?? null);
        $work->endedAt = Moments::at($kept['endedAt'] ?? null);
        $work->workedSeconds = \is_int($kept['workedSeconds'] ?? null) ? $kept['workedSeconds'] : 0;
        $work->spoiled = true === ($kept['spoiled'] ?? null);

        return $work;
    }

    public function spoil(): void
    {
        $this->mustBe(StepStatus::Done);
        $this->spoiled = true;
    }

    public function isSpoiled(): bool
    {
        return $this->spoiled;
    }

    /** Broken off; what went into it so far counts when it goes on. */
    public function interrupt(\DateTimeImmutable $at): void
    {
        $this->count($at);
        $this->status = StepStatus::Open;
        $this->startedAt = null;
    }

    /** Somebody else goes on with it. */
    public function passOn(\DateTimeImmutable $at): void
    {
        $this->count($at);
        $this->startedAt = $at;
    }

    /** Minutes of hands that went into it, to the second; none while it is not done. */
    public function minutes(): float
    {
        return null === $this->startedAt || null === $this->endedAt
            ? 0.0
            : ($this->workedSeconds + $this->endedAt->getTimestamp() - $this->startedAt->getTimestamp()) / 60.0;
    }

    /** Whole minutes since it was last begun; none where it has not been. */
    public function minutesSinceBegun(\DateTimeImmutable $at): int
    {
        return max(0, (int) round(($at->getTimestamp() - ($this->startedAt ?? $at)->getTimestamp()) / 60));
    }

    /** So much went into it, whenever it ended. */
    public function took(int $minutes): void
    {
        $this->mustBe(StepStatus::Done);
        $this->workedSeconds = 60 * $minutes - (($this->endedAt?->getTimestamp() ?? 0) - ($this->startedAt?->getTimestamp() ?? 0));
    }

    private function count(\DateTimeImmutable $at): void
    {
        $this->mustBe(StepStatus::Running);
        $this->workedSeconds += max(0, $at->getTimestamp() - ($this->startedAt ?? $at)->getTimestamp());
    }

    private function mustBe(StepStatus $status): void
    {
        if ($status !== $this->status) {
            throw new \LogicException(\sprintf('A step that is %s cannot do this; it must be %s.', $this->status->value, $status->value));
        }
    }
}

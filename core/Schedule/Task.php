<?php

declare(strict_types=1);

namespace KindHeel\Core\Schedule;

use KindHeel\Core\Drying\After;
use KindHeel\Core\Drying\Stage;

/** A step as time sees it: whether it is done, what it waits for, and when its own coat comes how far. */
final readonly class Task
{
    /**
     * @param string                  $key      within its piece
     * @param list<After>             $after
     * @param array<string, int|null> $moments  by {@see Stage} value, once its coat is laid, in seconds since 1970
     * @param Stage|null              $gateFrom where its gate test is answered
     * @param array<string, float>    $usual    minutes that each wait takes in the usual air, by key
     * @param float                   $minutes  that it takes, with what has been learned
     * @param float                   $worked   minutes that went into it before it was interrupted
     * @param int|null                $by       who is at it
     * @param string                  $what     is learned about: a product and what lays it, or an act
     * @param array<string, float>    $longest  minutes after which each wait has been too long in the usual air, by key
     */
    public function __construct(
        public int $id,
        public int $piece,
        public string $key,
        public int $position,
        public string $title,
        public float $minutes,
        public array $after,
        public bool $running = false,
        public ?\DateTimeImmutable $doneAt = null,
        public array $moments = [],
        public ?Stage $gateFrom = null,
        public bool $gatePassed = false,
        public ?string $coat = null,
        public array $usual = [],
        public ?string $skill = null,
        public ?string $station = null,
        public ?string $brush = null,
        public float $worked = 0.0,
        public ?\DateTimeImmutable $startedAt = null,
        public ?int $by = null,
        public array $longest = [],
        public string $what = '',
    ) {
    }

    /** The same step, had it these waits only. */
    public function waitingFor(After ...$bonds): self
    {
        return new self($this->id, $this->piece, $this->key, $this->position, $this->title, $this->minutes, array_values($bonds));
    }

    /** Whole minutes that are left of it at a moment; one that runs over its time needs another minute, again and again. */
    public function minutesLeft(\DateTimeImmutable $now): int
    {
        $worked = $this->worked + (null === $this->startedAt ? 0.0 : ($now->getTimestamp() - $this->startedAt->getTimestamp()) / 60.0);

        return max(1, (int) ceil($this->minutes - $worked));
    }

    public function reaches(Stage $stage): ?\DateTimeImmutable
    {
        $at = $this->secondsAt($stage);

        return null === $at ? null : new \DateTimeImmutable('@'.$at);
    }

    /** {@see reaches()} in seconds since 1970, for those who only compare. */
    public function secondsAt(Stage $stage): ?int
    {
        return $this->moments[$stage->value] ?? null;
    }

    /** Its coat lies and its gate test has not been passed. */
    public function awaitsGate(): bool
    {
        return null !== $this->doneAt && null !== $this->gateFrom && !$this->gatePassed;
    }

    /** The gate test is due: the forecast says it will pass. */
    public function gateIsDue(\DateTimeImmutable $now): bool
    {
        $at = null === $this->gateFrom ? null : $this->secondsAt($this->gateFrom);

        return $this->awaitsGate() && null !== $at && $at <= $now->getTimestamp();
    }
}

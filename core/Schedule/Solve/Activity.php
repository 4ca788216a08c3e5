<?php

declare(strict_types=1);

namespace KindHeel\Core\Schedule\Solve;

/** A step as the solver knows it. Times are whole minutes from now. */
final readonly class Activity
{
    /**
     * @param list<Lag> $after
     * @param int|null  $station     index of a station
     * @param int|null  $fixedStart  where it is under way, done or promised
     * @param int|null  $fixedPerson index of a person
     * @param bool      $stays       it is only planned for then: what is put before it leaves it the minutes that it needs
     */
    public function __construct(
        public string $id,
        public int $job,
        public int $minutes,
        public bool $attended,
        public ?string $skill,
        public ?int $station,
        public array $after,
        public ?string $setup,
        public ?int $fixedStart = null,
        public ?int $fixedPerson = null,
        public bool $stays = false,
    ) {
    }

    /** The same, were there this wait too. */
    public function waitingAlsoFor(Lag $lag): self
    {
        return new self(
            $this->id,
            $this->job,
            $this->minutes,
            $this->attended,
            $this->skill,
            $this->station,
            [...$this->after, $lag],
            $this->setup,
            $this->fixedStart,
            $this->fixedPerson,
            $this->stays,
        );
    }

    public function isFixed(): bool
    {
        return null !== $this->fixedStart;
    }
}

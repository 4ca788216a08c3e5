<?php

declare(strict_types=1);

namespace KindHeel\Core\Care;

/** The next care of one kind: when, how often, why. */
final readonly class CareDue
{
    /**
     * @param \DateTimeImmutable $at        midnight of the day
     * @param int                $everyDays between one and the next
     * @param string             $why       in a sentence to the owner
     * @param string             $how       in a sentence to the owner
     */
    public function __construct(
        public CareKind $kind,
        public \DateTimeImmutable $at,
        public int $everyDays,
        public string $why,
        public string $how,
    ) {
    }

    public function isMissed(\DateTimeImmutable $today): bool
    {
        return $today > $this->at;
    }

    public function timesAYear(): float
    {
        return CareKind::Store === $this->kind ? 1.0 : 365.0 / $this->everyDays;
    }
}

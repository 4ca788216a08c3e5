<?php

declare(strict_types=1);

namespace KindHeel\Core\Care;

/** The next care of one kind: when, how often, why. */
final readonly class CareDue
{
    private const WORTH_A_WORD = 28;

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

    /** What comes round more often is part of wearing it: nobody is written to for that. */
    public function isWorthAWord(): bool
    {
        return $this->everyDays >= self::WORTH_A_WORD && !\in_array($this->kind, [CareKind::Brush, CareKind::Wipe], true);
    }

    public function timesAYear(): float
    {
        return CareKind::Store === $this->kind ? 1.0 : 365.0 / $this->everyDays;
    }
}

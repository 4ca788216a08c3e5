<?php

declare(strict_types=1);

namespace KindHeel\Core\Stock;

/** How long what has been opened may be used (Q-7). */
final readonly class OpenedLife
{
    /** What does not spoil: thread, tape. */
    public const LONG = 120;

    public function __construct(public int $months)
    {
    }

    /** The last moment at which what was opened then is still good: as many months on, at the end of a shorter month where it has no such day. */
    public function endsAt(\DateTimeImmutable $opened): \DateTimeImmutable
    {
        $month = $opened->modify('first day of this month')->modify(\sprintf('+%d months', $this->months));
        $day = min((int) $opened->format('j'), (int) $month->format('t'));

        return $month->setDate((int) $month->format('Y'), (int) $month->format('n'), $day);
    }

    public function isOver(\DateTimeImmutable $opened, \DateTimeImmutable $at): bool
    {
        return $at > $this->endsAt($opened);
    }
}

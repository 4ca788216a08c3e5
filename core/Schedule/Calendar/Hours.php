<?php

declare(strict_types=1);

namespace KindHeel\Core\Schedule\Calendar;

/** When somebody is at work: the usual week, and days that are otherwise. */
final readonly class Hours
{
    /**
     * @param array<int, list<Shift>>    $week 1 for Monday to 7; a day that is not there is free
     * @param array<string, list<Shift>> $days that are otherwise, such as “2026-03-02”; none is a day off
     */
    public function __construct(public array $week, public array $days = [])
    {
    }

    /** @param array<string, list<Shift>> $days over those there are */
    public function except(array $days): self
    {
        return new self($this->week, [...$this->days, ...$days]);
    }

    /**
     * Real stretches of time from `$now` on, right on days when the clock is put forward or back; one that is under way begins at `$now`.
     *
     * @param int $days how many days ahead
     *
     * @return list<array{int, int}> from and until in seconds since 1970
     */
    public function from(\DateTimeImmutable $now, \DateTimeZone $zone, int $days): array
    {
        $local = $now->setTimezone($zone);
        $stretches = [];
        for ($n = 0; $n < $days; ++$n) {
            $day = $local->modify("+$n days");
            foreach ($this->days[$day->format('Y-m-d')] ?? $this->week[(int) $day->format('N')] ?? [] as $shift) {
                $from = $day->setTime(intdiv($shift->from, 60), $shift->from % 60)->getTimestamp();
                $until = $day->setTime(intdiv($shift->until, 60), $shift->until % 60)->getTimestamp();
                if ($until > $now->getTimestamp() && $until > $from) {
                    $stretches[] = [max($from, $now->getTimestamp()), $until];
                }
            }
        }

        return $stretches;
    }
}

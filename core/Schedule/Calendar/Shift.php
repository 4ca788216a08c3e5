<?php

declare(strict_types=1);

namespace KindHeel\Core\Schedule\Calendar;

use KindHeel\Core\Text\Message;

/** A stretch of a day at work, in minutes after midnight by the workshop's clock. */
final readonly class Shift
{
    private function __construct(public int $from, public int $until)
    {
    }

    /**
     * @param string $from  such as “09:00”
     * @param string $until such as “17:30”; “24:00” is midnight
     *
     * @throws CalendarError
     */
    public static function of(string $from, string $until): self
    {
        $shift = new self(self::minutes($from), self::minutes($until));

        return $shift->from < $shift->until ? $shift : throw new CalendarError(Message::of('A shift from %s cannot end at %s.', $from, $until));
    }

    /**
     * @param list<self> $shifts of one day
     *
     * @return list<self> in their order
     *
     * @throws CalendarError when they lie over each other
     */
    public static function day(array $shifts): array
    {
        usort($shifts, static fn (self $a, self $b): int => $a->from <=> $b->from);
        foreach ($shifts as $i => $shift) {
            if ($i > 0 && $shift->from < $shifts[$i - 1]->until) {
                throw new CalendarError(Message::of('The shifts %s and %s lie over each other.', $shifts[$i - 1]->words(), $shift->words()));
            }
        }

        return $shifts;
    }

    public function words(): string
    {
        return self::clock($this->from).'–'.self::clock($this->until);
    }

    public static function clock(int $minutes): string
    {
        return \sprintf('%02d:%02d', intdiv($minutes, 60), $minutes % 60);
    }

    /** @throws CalendarError */
    private static function minutes(string $clock): int
    {
        if (1 !== preg_match('/^([01]\d|2[0-3]):([0-5]\d)$|^24:00$/', $clock)) {
            throw new CalendarError(Message::of('“%s” is no time of day; write it like 09:30.', $clock));
        }

        return 60 * (int) substr($clock, 0, 2) + (int) substr($clock, 3, 2);
    }
}

<?php

declare(strict_types=1);

namespace KindHeel\App\Timetable;

/** What hands do on one day. */
final readonly class HandsDay
{
    /**
     * @param \DateTimeImmutable $from    when the first step of that day begins
     * @param \DateTimeImmutable $until   when the last of them ends
     * @param float              $minutes by hand
     * @param list<int>          $steps   in the order of their start
     * @param list<int>          $pieces  each once
     */
    public function __construct(
        public \DateTimeImmutable $from,
        public \DateTimeImmutable $until,
        public float $minutes,
        public array $steps,
        public array $pieces,
    ) {
    }
}
